package web

import (
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
	"damson/store"
	"damson/web/kit"
)

// reviewView is the card with its margin.
type reviewView struct {
	ID      int64
	R       *review.Result
	Verdict verdictView
	From    string
	Day     string
	Meant   string
	Path    string
	General []noteView
	Lines   []cardLine
	Steps   []cardStep
	Scale   scaleView
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
	Points                           []libraryItem
}

// partsView is what is known of the parts of an untested mixture.
type partsView struct {
	P    *review.Parts
	Rows []partRow
}

type partRow struct{ Food, Process, Largest, ID, Title string }

var severityWords = map[review.Severity]string{review.Halt: "stop", review.Amend: "to change", review.Care: "take care", review.Note: "to know"}

type processRow struct {
	Method, Jars, Pack, Minutes, Pressure, Headspace, Acid, Steam string
	Conditions                                                    []string
}

// processTable has the way to take first, and folded behind it what is tested too.
type processTable struct {
	First, Rest processRows
	// Headspace is that of every row, "" where they differ.
	Headspace string
}

type processRows struct {
	List []processRow
	// OwnHeadspace is true where each row tells its own.
	OwnHeadspace bool
}

func viewTable(list []procedure.Process, feet int) processTable {
	first, rest := procedure.Recommend(list)
	t := processTable{First: processRows{List: viewWays(first, feet)}, Rest: processRows{List: viewWays(rest, feet)}}
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

func (s *Server) showReview(c *gin.Context) error {
	r, err := s.recipeOf(c)
	if err != nil {
		return s.missing(c, err)
	}
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	html := s.pageOf(r, k)
	if html == nil {
		res := s.reviewOf(r, k)
		v := s.viewReview(r, k, res)
		if list, err := s.store.Versions(c.Request.Context(), r.ID); err != nil {
			return err
		} else if n := len(list); n > 1 {
			v.Version = "version " + kit.Thousands(n)
			if why := list[n-1].Why; why != "" {
				v.Version += ", " + why
			}
		}
		v.Estimate.Readings = s.readingWords(c.Request.Context(), r.ID)
		html = s.Execute("review", kit.Page{Title: res.Title, Nav: "/", Kitchen: kit.ViewKitchen(k), Keys: reviewKeys, Body: v})
		s.keepPage(r, k, res, html)
	}
	c.Data(http.StatusOK, "text/html; charset=utf-8", html)
	return nil
}

var reviewKeys = kit.Keys("J K", "notes", "↵", "open", "T", "take", "W", "what if", "C", "compare", "A", "amend", "B", "book", "P", "print")

// askedFirst is how many questions stand open at first; whoever has answered those sees what
// is left.
const askedFirst = 3

func (s *Server) viewReview(r store.Recipe, k store.Kitchen, res *review.Result) reviewView {
	v := reviewView{ID: r.ID, R: res, Verdict: verdictView{res.Verdict, res.Headline()}, From: r.SentBy, Day: kit.Day(r.CreatedAt), Meant: meant(r), Path: pathWords(res),
		Today: res.Today(), Serving: res.Serving, Assumed: strings.Join(res.Assumed, ", "), Edits: len(editsOffered(res)), Parts: viewParts(res.Parts), Relatives: viewRelatives(res, k.ElevationFt),
		Picked: r.Procedure != "" && res.Procedure != nil, ChosenSeen: store.ChosenMark(r.Procedure)}
	v.Print = r.From.String()
	if res.Tested != nil {
		if own, yes := s.shelf().own[res.Tested.ID]; yes {
			v.FromBook, v.Change = own.Signed, own.ID
		}
	}
	var est acidity.Estimate
	v.Estimate, est = s.viewEstimate(r, k)
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
		// Two rules that ask for the same thing are one note.
		if have := notes[*f.Line]; len(have) > 0 && n.Asked == "" && have[len(have)-1].Do == n.Do && have[len(have)-1].Severity == n.Severity {
			last := &have[len(have)-1]
			last.Take = append(last.Take, n.Take...)
			continue
		}
		notes[*f.Line] = append(notes[*f.Line], n)
	}
	if res.Procedure == nil || res.Tested.Acidity != "low-acid" {
		pushNotes(est, res.Main, notes)
	}
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
	for _, list := range notes {
		v.General = append(v.General, list...)
	}
	v.Scale = viewScale(res)
	if v.Scale.addMixture(est); res.Procedure == nil {
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
	v.Process = viewTable(list, k.ElevationFt)
	if v.Unseen = unchecked(list); v.Unseen > 0 && v.FromBook != "" {
		v.Rests = "Its rows stand as they were entered from the book."
	} else if v.Unseen > 0 {
		v.Rests = "It rests on " + kit.Thousands(v.Unseen) + " of " + kit.Thousands(len(list)) + " rows that nobody has checked against print."
	} else if len(list) > 0 {
		v.Rests = "Every row it rests on was checked against print."
	}
	v.Seen = seenBy(list)
	v.Physics = "At " + kit.Thousands(k.ElevationFt) + " ft water boils at " + kit.Degrees(elevation.BoilingPoint(float64(k.ElevationFt)))
	if len(list) > 0 && list[0].PSI > 0 {
		v.Physics += "; steam at " + kit.Thousands(list[0].PSI) + " psi, all air vented, is " + kit.Degrees(elevation.SteamTemperature(float64(k.ElevationFt), float64(list[0].PSI)))
	}
	v.Physics += "."
	if res.Procedure != nil {
		v.Source = shortSource(res.Tested.Source)
	}
	if res.Tested != nil && len(list) > 0 {
		for _, n := range res.Tested.Needs {
			v.Needs = append(v.Needs, n.Text)
		}
		if res.Tested.Acidity == "low-acid" {
			v.Needs = append(v.Needs, "Vent 10 minutes before you close the canner; let it cool by itself.")
		}
	}
	return v
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
	parts := []string{kit.Thousands(same) + " " + plural("line", same) + " the same"}
	for _, x := range []struct {
		as    review.Standing
		words string
	}{{review.Permitted, " permitted"}, {review.Changes, " to change"}, {review.Serves, " for serving"}} {
		if n := res.Count(x.as); n > 0 {
			parts = append(parts, kit.Thousands(n)+x.words)
		}
	}
	return strings.Join(parts, " · ")
}

func (s *Server) viewNote(f review.Finding) noteView {
	label := severityWords[f.Severity]
	if f.Question {
		label = "asks"
	}
	n := noteView{Severity: f.Severity, Label: label, Do: f.Do, Why: f.Message, Remedy: f.Remedy, Source: shortSource(f.Source), Code: f.Code, More: s.viewMore(f)}
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
func (s *Server) viewMore(f review.Finding) moreView {
	m := moreView{Source: f.Source, Sure: "from memory, not yet checked against print"}
	r := review.RuleByCode(f.Code)
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
	book := s.shelf().lib.Book
	for _, e := range book.For(f.Code) {
		if e.Sure != "" && m.Sure[len(m.Sure)-1] == 't' {
			m.Sure += "; recalled with confidence: " + strings.TrimSuffix(e.Sure, ".")
		}
		for _, p := range book.Points {
			if contains(p.Rules, e.ID) && !slices.ContainsFunc(m.Points, func(x libraryItem) bool { return x.Title == p.Title }) && len(m.Points) < 3 {
				m.Points = append(m.Points, libraryItem{"/debated#" + p.ID, p.Title, ""})
			}
		}
	}
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
		v.Rows = append(v.Rows, partRow{x.Food, x.Process.String(), jarPlural(x.Largest), x.Procedure.ID, x.Procedure.Title})
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

// viewProcesses writes processes as rows; those that differ only in jar and
// pack share one.
func viewProcesses(list []procedure.Process, feet int) []processRow {
	return viewWays(procedure.Ways(list), feet)
}

func viewWays(ways []procedure.Way, feet int) []processRow {
	var out []processRow
	for _, w := range ways {
		var jars []string
		for _, j := range w.Jars {
			jars = append(jars, jarPlural(j))
		}
		r := processRow{Method: kit.MethodName(w.Method), Minutes: kit.Thousands(w.Minutes) + " min", Headspace: kit.Inches(w.HeadspaceIn), Acid: w.AcidPerJar, Conditions: w.Conditions,
			Jars: strings.Join(jars, " or "), Pack: strings.Join(w.Packs, " or ")}
		if w.Gauge != "" {
			r.Method += ", " + w.Gauge + " gauge"
			r.Pressure = kit.Pounds(w.PSI)
			r.Steam = kit.Degrees(elevation.SteamTemperature(float64(feet), float64(w.PSI)))
		}
		if w.When != "" {
			r.Pack += ", with " + w.When
		}
		out = append(out, r)
	}
	return out
}
