package recipe

import (
	"maps"
	"net/http"
	"slices"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/acidity"
	"damson/core/elevation"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/review"
	"damson/core/words"
	"damson/store"
	"damson/web/draw"
	"damson/web/kit"
)

// reviewView is the card with its margin.
type reviewView struct {
	ID      int64
	R       *review.Result
	Verdict kit.Verdict
	From    string
	Day     string
	Meant   string
	Path    string
	General []noteView
	Lines   []cardLine
	Steps   []cardStep
	Scale   draw.Scale
	// Estimate is the mixture's own.
	Estimate estimateView
	Heading  string
	Process  processTable
	Source   string
	Physics  string
	Today    []string
	Serving  []string
	Assumed  string
	Needs    []string
	// Edits is how many edits there are to take; Parts what is known of the parts
	// of an untested mixture.
	Edits int
	Parts *partsView
	// Relatives are tested recipes near one that has no process.
	Relatives []relativeView
	// Picked is true where somebody chose the procedure; Version says what the
	// newest version was made for.
	Picked bool
	// ChosenSeen is the print of the procedure that was chosen.
	ChosenSeen string
	Version    string
	// Print is the book that it stands in; FromBook names who stands for the procedure, where
	// that is this kitchen's own, and Change its id.
	Print, FromBook, Change string
	// Rests says on how many rows from memory the process rests; Unseen is
	// their number.
	Rests  string
	Seen   []string
	Unseen int
}

// cardLine is one ingredient line of the card with its notes.
type cardLine struct {
	No      int
	Heading string
	Amount  string
	Food    string
	Detail  string          // begins with its own comma or bracket
	Mark    review.Severity // the gravest of its notes
	Notes   []noteView
}

// cardStep is one line of the method.
type cardStep struct {
	No        int
	Sentences []cardSentence
	Notes     []noteView
}

type cardSentence struct {
	Text string
	Mark review.Severity
}

// noteView is a finding in the margin.
type noteView struct {
	Severity       review.Severity
	Label          string
	Do, Why        string
	Remedy, Source string
	Code           string
	// Asked are the words that a question is about and Answers what may be said of
	// them; Answered is true where it was said.
	Asked    string
	Answers  []review.Option
	Answered bool
	// Later is true for a question behind the first three: it is folded to a line.
	Later bool
	// Take are the keys of the edits that the note offers, for recipe ID.
	Take []string
	ID   int64
	// Seen is the print of the recipe that the edits are for, With the procedure chosen.
	Seen, With string
	// More opens below the note.
	More moreView
}

// moreView is all that stands behind a finding.
type moreView struct {
	LooksFor, Why, Way, Source, Sure string
	Points                           []kit.Link
}

// partsView is what is known of the parts of an untested mixture.
type partsView struct {
	P    *review.Parts
	Rows []partRow
}

type partRow struct{ Food, Process, Largest, ID, Title string }

var severityWords = map[review.Severity]string{review.Halt: "stop", review.Amend: "to change",
	review.Care: "take care", review.Note: "to know"}

// processTable has the way to take first, and folded behind it what is tested too.
type processTable struct {
	First, Rest processRows
	// Headspace is that of every row, "" where they differ.
	Headspace string
}

type processRows struct {
	List []kit.ProcessRow
	// OwnHeadspace is true where each row tells its own.
	OwnHeadspace bool
}

func viewTable(list []procedure.Process, feet int) processTable {
	first, rest := procedure.Recommend(list)
	t := processTable{First: processRows{List: kit.ViewWays(first, feet)},
		Rest: processRows{List: kit.ViewWays(rest, feet)}}
	for i, r := range slices.Concat(t.First.List, t.Rest.List) {
		if i == 0 {
			t.Headspace = r.Headspace
		} else if t.Headspace != r.Headspace {
			t.Headspace = ""
		}
	}
	t.First.OwnHeadspace, t.Rest.OwnHeadspace = t.Headspace == "", t.Headspace == ""
	return t
}

func (s *Pages) showReview(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	html := s.Reviews.Page(r, k)
	if html == nil {
		res := s.Reviews.Of(r, k)
		v := s.viewReview(r, k, res)
		if list, err := s.Store.Versions(c.Request.Context(), r.ID); err != nil {
			return err
		} else if n := len(list); n > 1 {
			v.Version = "version " + words.Thousands(n)
			if why := list[n-1].Why; why != "" {
				v.Version += ", " + why
			}
		}
		v.Estimate.Readings = s.Log.InWords(c.Request.Context(), r.ID)
		html = s.Execute("review", kit.Page{Title: res.Title, Nav: "/", Kitchen: kit.ViewKitchen(k), Keys: reviewKeys,
			Body: v})
		s.Reviews.KeepPage(r, k, res, html)
	}
	c.Data(http.StatusOK, "text/html; charset=utf-8", html)
	return nil
}

var reviewKeys = kit.Keys("↵", "open")

// askedFirst is how many questions stand open at first; whoever has answered those sees what
// is left.
const askedFirst = 3

func (s *Pages) viewReview(r store.Recipe, k store.Kitchen, res *review.Result) reviewView {
	v := reviewView{ID: r.ID, R: res, Verdict: kit.Verdict{Code: res.Verdict, Words: res.Headline()}, From: r.SentBy,
		Day: kit.Day(r.CreatedAt), Meant: meant(r), Path: pathWords(res),
		Today: res.Today(), Serving: res.Serving, Assumed: strings.Join(res.Assumed, ", "),
		Edits: len(editsOffered(res)), Parts: viewParts(res.Parts), Relatives: viewRelatives(res, k.ElevationFt),
		Picked: r.Procedure != "" && res.Procedure != nil, ChosenSeen: store.ChosenMark(r.Procedure)}
	v.Print = r.From.String()
	if res.Tested != nil {
		if own, yes := s.Shelves.Now().Own[res.Tested.ID]; yes {
			v.FromBook, v.Change = own.Signed, own.ID
		}
	}
	var est acidity.Estimate
	v.Estimate, est = s.viewEstimate(r, k)
	notes := s.notesOf(&v, r, res)
	if res.Procedure == nil || res.Tested.Acidity != "low-acid" {
		pushNotes(est, res.Main, notes)
	}
	v.lay(res, notes)
	v.Scale = viewScale(res)
	if v.Scale.AddMixture(est); res.Procedure == nil {
		v.Scale.Class = v.Estimate.Class
	}
	list := res.Methods
	v.Heading = "The process"
	if res.Verdict == review.Change {
		list, v.Heading = res.After, "Once changed"
		if res.OnlyAsks() {
			v.Heading = "Once answered"
		}
	}
	v.Process, v.Seen, v.Unseen = viewTable(list, k.ElevationFt), procedure.SeenBy(list), procedure.Unchecked(list)
	v.Rests = restsOn(v.Unseen, len(list), v.FromBook != "")
	v.Physics = physics(k.ElevationFt, list)
	if res.Procedure != nil {
		v.Source = shortSource(res.Tested.Source)
	}
	if res.Tested != nil && len(list) > 0 {
		v.Needs = needsOf(res.Tested)
	}
	return v
}

// notesOf are the notes of the margin by the line meant; those that are meant for none are the view's own.
func (s *Pages) notesOf(v *reviewView, r store.Recipe, res *review.Result) map[int][]noteView {
	notes := map[int][]noteView{}
	asked := 0
	for _, f := range res.Findings {
		n := s.viewNote(f)
		if f.Question && !f.Answered {
			asked++
			n.Later = asked > askedFirst
		}
		n.ID, n.Seen, n.With = r.ID, r.Mark(), r.Procedure
		if res.Verdict != review.Change {
			n.Take = nil
		}
		if f.Line == nil {
			v.General = append(v.General, n)
			continue
		}
		have := notes[*f.Line]
		if last := len(have) - 1; last >= 0 && n.sameAs(&have[last]) {
			have[last].Take = append(have[last].Take, n.Take...)
			continue
		}
		notes[*f.Line] = append(have, n)
	}
	return notes
}

// sameAs reports a note that asks for the same thing as another: two rules that do are one note.
func (n *noteView) sameAs(x *noteView) bool {
	return n.Asked == "" && x.Do == n.Do && x.Severity == n.Severity
}

// lay puts the lines and steps on the card, each with its notes.
func (v *reviewView) lay(res *review.Result, notes map[int][]noteView) {
	for _, l := range res.Lines {
		if l.Kind == recipe.Note {
			continue // set aside when it was read; the form shows it
		}
		v.Lines = append(v.Lines, viewCardLine(l, notes[l.No]))
		delete(notes, l.No)
	}
	for _, st := range res.Steps {
		if n := len(v.Steps); n == 0 || v.Steps[n-1].No != st.No {
			v.Steps = append(v.Steps, cardStep{No: st.No, Notes: notes[st.No]})
		}
		last := &v.Steps[len(v.Steps)-1]
		var mark review.Severity
		if len(last.Notes) > 0 && concerns(st, res.Findings) {
			mark = worst(last.Notes)
		}
		last.Sentences = append(last.Sentences, cardSentence{st.Text, mark})
		delete(notes, st.No)
	}
	// Notes on the title line or on none that the card shows.
	for _, no := range slices.Sorted(maps.Keys(notes)) {
		v.General = append(v.General, notes[no]...)
	}
}

// restsOn says on what a process rests: how many of its rows nobody has checked.
func restsOn(unseen, rows int, fromBook bool) string {
	switch {
	case unseen > 0 && fromBook:
		return "Its rows stand as they were entered from the book."
	case unseen > 0:
		return "It rests on " + words.Thousands(unseen) + " of " + words.Thousands(rows) +
			" rows that nobody has checked against print."
	case rows > 0:
		return "Every row it rests on was checked against print."
	}
	return ""
}

// physics says how hot water and steam are at the elevation.
func physics(feet int, list []procedure.Process) string {
	text := "At " + words.Thousands(feet) + " ft water boils at " + kit.Degrees(elevation.BoilingPoint(float64(feet)))
	if len(list) > 0 && list[0].PSI > 0 {
		text += "; steam at " + words.Thousands(list[0].PSI) + " psi, all air vented, is " +
			kit.Degrees(elevation.SteamTemperature(float64(feet), float64(list[0].PSI)))
	}
	return text + "."
}

// needsOf are what a procedure asks for besides its figures.
func needsOf(p *procedure.Procedure) []string {
	var out []string
	for _, n := range p.Needs {
		out = append(out, n.Text)
	}
	if p.Acidity == "low-acid" {
		out = append(out, "Vent 10 minutes before you close the canner; let it cool by itself.")
	}
	return out
}

func meant(r store.Recipe) string {
	var parts []string
	if r.Jar != "" {
		parts = append(parts, quantity.Jar(r.Jar).Plural())
	}
	if r.Pack != "" {
		parts = append(parts, r.Pack+" pack")
	}
	if r.Method != "" {
		parts = append(parts, strings.ToLower(kit.MethodName(r.Method)))
	}
	if len(parts) == 0 {
		return ""
	}
	return "meant for " + strings.Join(parts, ", ")
}

func pathWords(res *review.Result) string {
	if res.Procedure == nil {
		return "compared with the whole library: none covers it"
	}
	same := res.Count(review.Same)
	parts := []string{words.Thousands(same) + " " + words.Plural("line", same) + " the same"}
	for _, x := range []struct {
		as    review.Standing
		words string
	}{{review.Permitted, " permitted"}, {review.Changes, " to change"}, {review.Serves, " for serving"}} {
		if n := res.Count(x.as); n > 0 {
			parts = append(parts, words.Thousands(n)+x.words)
		}
	}
	return strings.Join(parts, " · ")
}

func (s *Pages) viewNote(f review.Finding) noteView {
	label := severityWords[f.Severity]
	if f.Question {
		label = "asks"
	}
	n := noteView{Severity: f.Severity, Label: label, Do: f.Do, Why: f.Message, Remedy: f.Remedy,
		Source: shortSource(f.Source), Code: f.Code, More: s.viewMore(f)}
	if f.Question && len(f.Answers) > 0 || f.Answered {
		n.Asked, n.Answers, n.Answered = f.Ingredient, f.Answers, f.Answered
	}
	if f.Mendable() && !f.Question {
		n.Take = []string{f.Key()}
	}
	return n
}

// viewMore tells what stands behind a finding: the rule, its reason and source,
// the points on which practitioners differ, and how sure the knowledge is.
func (s *Pages) viewMore(f review.Finding) moreView {
	m := moreView{Source: f.Source, Sure: "from memory, not yet checked against print"}
	sh := s.Shelves.Now()
	r := sh.Rule(f.Code)
	if r == nil {
		return m
	}
	m.LooksFor, m.Way = r.LooksFor, r.WayRound
	if r.Why != f.Message {
		m.Why = r.Why
	}
	if r.WayRound == f.Remedy {
		m.Way = ""
	}
	book := sh.Lib.Book
	sure := ""
	for _, e := range book.For(f.Code) {
		if e.Sure != "" && sure == "" {
			sure = "; recalled with confidence: " + strings.TrimSuffix(e.Sure, ".")
		}
		for _, p := range book.Points {
			if slices.Contains(p.Rules, e.ID) && !slices.ContainsFunc(m.Points,
				func(x kit.Link) bool { return x.Title == p.Title }) && len(m.Points) < 3 {
				m.Points = append(m.Points, kit.Link{Href: "/debated#" + p.ID, Title: p.Title, Note: ""})
			}
		}
	}
	m.Sure += sure
	return m
}

// editsOffered lists the edits to take: none where no procedure covers the
// recipe once they are made.
func editsOffered(res *review.Result) []editView {
	if res.Verdict != review.Change {
		return nil
	}
	return editsOf(res)
}

func viewParts(p *review.Parts) *partsView {
	if p == nil {
		return nil
	}
	v := &partsView{P: p}
	for _, x := range p.Own {
		v.Rows = append(v.Rows, partRow{x.Food, x.Process.String(), kit.JarPlural(x.Largest), x.Procedure.ID,
			x.Procedure.Title})
	}
	return v
}

// shortSource abbreviates the guide that most rules rest on; the library page
// names it in full.
func shortSource(s string) string {
	for _, long := range []string{"USDA Complete Guide to Home Canning (2015), ", "USDA Complete Guide 2015, "} {
		s = strings.ReplaceAll(s, long, "")
	}
	return strings.ToUpper(s[:min(1, len(s))]) + s[min(1, len(s)):]
}

func viewCardLine(l *recipe.Line, notes []noteView) cardLine {
	v := cardLine{No: l.No, Notes: notes, Mark: worst(notes)}
	if l.Kind != recipe.Ingredient {
		v.Heading = strings.TrimSuffix(strings.Trim(l.Text, "#*_ "), ":")
		return v
	}
	if a := l.Amount(); !a.IsZero() {
		v.Amount = a.String()
		if l.Package != nil {
			v.Amount += " of " + quantity.Number(l.Package.Amount) + " " + l.Package.Unit.Word(2)
		}
	}
	text := l.Rest
	if text == "" {
		text = l.Text
		v.Amount = ""
	}
	// The food is marked; what stands behind it is set quieter.
	if cut := strings.IndexAny(text, ",(;"); cut > 0 {
		v.Food, v.Detail = strings.TrimSpace(text[:cut]), text[cut:]
		if text[cut] == '(' {
			v.Detail = " " + v.Detail
		}
	} else {
		v.Food = text
	}
	return v
}

// concerns reports whether some finding is about this very sentence.
func concerns(st *recipe.Step, findings []review.Finding) bool {
	for _, f := range findings {
		if f.Line == nil || *f.Line != st.No {
			continue
		}
		if f.Ingredient == "" || strings.Contains(strings.ToLower(st.Text), strings.ToLower(f.Ingredient)) {
			return true
		}
		for _, w := range strings.Fields(f.Ingredient) {
			if !f.Clause && strings.Contains(st.Text, w) && f.Code == "unknown-ingredient" {
				return true
			}
		}
	}
	return false
}

var gravity = map[review.Severity]int{review.Halt: 4, review.Amend: 3, review.Care: 2, review.Note: 1}

func worst(notes []noteView) review.Severity {
	w := review.Severity("")
	for _, n := range notes {
		if gravity[n.Severity] > gravity[w] {
			w = n.Severity
		}
	}
	return w
}
