package recipe

import (
	"slices"
	"strings"

	"damson/core/method"
	"damson/core/recall"
	"damson/core/words"
)

// tale is a recipe while it is read, line by line.
type tale struct {
	r     *Reader
	rec   *Recipe
	sheet *page
	// section is the one that the lines stand in, ingredientsAt the line where the list begins.
	section       string
	ingredientsAt int
	// serving is true under a heading for the opened jar, commented below what readers of a page say, blank
	// behind an empty line.
	serving, commented, blank bool
	// fillings are the sentences still ahead that fill jars; another is true where somebody else is told.
	fillings int
	another  bool
	times    map[float64]int
	// own are the words by which the recipe names its own ingredients.
	own map[string]bool
	day
}

// day is how far the canning day is told.
type day struct {
	filled, closed, loaded, done bool
	// cooking is true once something is told to be done, working once a sentence did something to the batch.
	cooking, working bool
	// timed is true once the process was given its minutes, over once it has come to its end, pressed while
	// it was under pressure and nothing says that the pressure is down.
	timed, over, pressed bool
	// opened is true while a jar is opened, past behind the blank line behind it all.
	opened, past bool
}

func newTale(r *Reader, sheet *page) *tale {
	return &tale{r: r, rec: &Recipe{}, sheet: sheet, own: map[string]bool{},
		fillings: sheet.fillings(), another: sheet.toldOfAnother(), times: sheet.times()}
}

// line reads the line i of the page, which has the number no in its file.
func (t *tale) line(no, i int) error {
	line := t.sheet.bare(t.r, i)
	if t.rec.tooMany() || len(line) > longestLine && len(Sentences(line)) > MaxSteps {
		return ErrMany
	}
	if saysNothing(line) {
		t.blank = true
		return nil
	}
	told := t.fillings - fillingsOf(t.sheet.lines[i]) // left where the line is no sentence
	rest, behind, taken := t.head(no, i, line)
	if !taken && !t.heading(no, i, rest) {
		t.body(no, i, rest, behind, told)
	}
	t.fillings = told
	return nil
}

// head takes what is no recipe yet, or no more: notes, a title. It returns what stands behind the title on its
// line.
func (t *tale) head(no, i int, line string) (rest string, behind, taken bool) {
	rec, r := t.rec, t.r
	notes := onlyNotes(rec.Lines)
	t.commented = t.commented || t.comments(i, line)
	if t.commented && len(rec.Steps) > 0 && !notes {
		rec.Lines = append(rec.Lines, note(no, line)) // what readers of the page say
		return "", false, true
	}
	if title, ok := r.subjectLine(rec, line); ok && t.section == "" && len(rec.Steps) == 0 {
		rec.Title, rec.TitleLine = title, no
		return "", false, true
	}
	if r.junk(line, t.section != "" || !notes) || t.sheet.personal(r, i, line) {
		rec.Lines = append(rec.Lines, note(no, line))
		return "", false, true
	}
	if rest, taken = t.titled(no, line); taken {
		return "", false, true
	}
	behind = rest != line
	line = rest
	if rec.TitleLine > 0 && notes && isMarked(line) && !strings.HasPrefix(line, "#") {
		rec.Lines = append(rec.Lines, note(no, line)) // "Recipe 1": its title follows
		return "", false, true
	}
	return line, behind, t.retitled(no, line)
}

// titled takes the title, and returns what stands behind it; taken is true where nothing does.
func (t *tale) titled(no int, line string) (rest string, taken bool) {
	if t.rec.TitleLine > 0 || t.section != "" || !onlyNotes(t.rec.Lines) || len(t.rec.Steps) > 0 {
		return line, false
	}
	if title, ok := t.r.title(line); ok {
		t.rec.Title, t.rec.TitleLine = title, no
		return "", true
	}
	if title, rest, ok := t.r.headline(line); ok {
		t.rec.Title, t.rec.TitleLine = title, no
		return rest, false
	}
	return line, false
}

// comments reports where the readers of a page begin to speak.
func (t *tale) comments(i int, line string) bool {
	return comments.MatchString(line) ||
		commenter.MatchString(line) && i+1 < len(t.sheet.lines) && postedOn.MatchString(t.sheet.lines[i+1])
}

// retitled takes the line as the title where the first one named no food.
func (t *tale) retitled(no int, line string) bool {
	rec, r := t.rec, t.r
	if rec.TitleLine == 0 || !onlyNotes(rec.Lines) || t.ingredientsAt > 0 || t.cooking {
		return false
	}
	if r.names(rec.Title) > 0 && !formTitle.MatchString(rec.Title) && !strings.HasPrefix(line, "## ") {
		return false
	}
	title, ok := r.betterTitle(line)
	if !ok {
		return false
	}
	rec.Lines = append(rec.Lines, note(rec.TitleLine, rec.Title))
	t.saysMore(rec.TitleLine, rec.Title)
	rec.Title, rec.TitleLine = title, no
	return true
}

// saysMore keeps what a title or a heading names or does.
func (t *tale) saysMore(no int, s string) {
	st := t.r.StepAt(no, s, inMethod)
	if len(st.Foods) > 0 || len(st.Acts) > 0 {
		st.Asks, st.Unread, st.Generics = nil, nil, nil
		t.rec.Steps = append(t.rec.Steps, st)
	}
}

// heading takes a line that heads what follows.
func (t *tale) heading(no, i int, line string) bool {
	h, ok := t.r.headingAt(t.sheet, i, line)
	if !ok {
		return false
	}
	t.section, t.serving = sectionOf(h, t.section)
	if t.section == "ingredients" && t.ingredientsAt == 0 {
		t.ingredientsAt = no
	}
	t.serving = t.serving || servingHeading(h)
	t.past = t.past && t.serving // a list that stands behind the method is the recipe's
	t.rec.Lines = append(t.rec.Lines, &Line{No: no, Text: line, Kind: Heading, Reading: Understood,
		Prep: []string{}, State: []string{}, Serving: t.serving})
	if !t.serving {
		t.saysMore(no, h)
	}
	return true
}

// body reads a line of the list or of the method, piece by piece; behind is true where it stands behind the
// title, told what fillings are left behind it.
func (t *tale) body(no, i int, line string, behind bool, told int) {
	if t.blank && t.done {
		t.past, t.over = true, true
	}
	t.opened, t.blank = false, false
	pieces := recall.Of(t.r.parted, line, t.r.pieces)
	prose := t.sheet.steps[i] && !onlyNotes(t.rec.Lines) || behind || len(pieces) > 1 ||
		t.cooking && t.section != "ingredients"
	for k, piece := range pieces {
		next := ""
		if k+1 < len(pieces) {
			next = pieces[k+1]
		}
		for _, s := range t.r.answered(Sentences(stripBullet(piece)), "") {
			if fillsJars(s) && t.fillings > told {
				t.fillings--
			}
		}
		if t.section != "method" {
			p := bit{text: piece, alone: len(pieces) == 1, behind: behind, prose: prose, at: t.r.look(piece)}
			if t.listed(p) {
				t.item(no, p)
				continue
			}
		}
		list := t.r.answered(Sentences(stripBullet(piece)), next)
		for k, s := range list {
			t.sentence(no, s, following(list, k, next))
		}
	}
}

// bit is a piece of a line: whether it is all of it, behind a title, among sentences; and what it looks like.
type bit struct {
	text                 string
	alone, behind, prose bool
	at                   look
}

// listed reports a piece that is of the list.
func (t *tale) listed(p bit) bool {
	r := t.r
	if r.isStep(p.text, t.section, p.at, (t.closed || t.done) && !t.past) || r.pressed(p.text) {
		return false
	}
	if t.past && !t.listedLate(p) {
		return false
	}
	if (t.filled || t.closed) && (!t.done && r.figuresOnly(p.text) || shareOf.MatchString(p.text)) {
		return false
	}
	return !p.prose || r.measured(p.text) || p.alone && !p.behind && r.lists(p.text)
}

// listedLate reports an ingredient that stands behind it all.
func (t *tale) listedLate(p bit) bool {
	if t.r.leadingFood(words.Split(stripBullet(p.text))) && !t.r.tells(p.text) {
		return true
	}
	return !t.serving && !t.opened && p.alone && !strings.HasSuffix(p.text, "?") && t.r.lists(p.text)
}

// item takes a piece of the list.
func (t *tale) item(no int, p bit) {
	l := t.r.lineAs(no, p.text, p.at)
	l.Serving = l.Serving || t.done && t.timed && forTheTable(p.text) // "biscuits & gravy in february"
	if !p.alone && t.cooking && again(t.rec.Lines, l) {
		at := inMethod // "One clove of garlic in each pint.", of those listed
		at.Filled, at.Names = t.filled, t.own
		t.rec.Steps = append(t.rec.Steps, t.r.StepAt(no, p.text, at))
		return
	}
	l.Serving = l.Serving || t.serving
	t.rec.Lines = append(t.rec.Lines, l)
	t.rec.Steps = append(t.rec.Steps, l.Remarks...)
	ownNames(t.own, l)
}

// sentence reads a sentence of the method; next is what follows it.
func (t *tale) sentence(no int, s, next string) {
	t.cooking = t.cooking || t.r.orders(s)
	t.working = t.working || t.cooking || t.r.prepares(s)
	at := t.where(s, next)
	st := t.r.asMethod(t.r.StepAt(no, s, at), at)
	t.over = t.over || t.done && st.ends()
	given := false
	switch {
	case !at.Done || at.ToFill || at.Serving:
	case at.Method && !t.over:
		st, given = t.r.inCanner(st, at)
	case !st.atTable() && ofTheProcess.MatchString(s):
		at.Method, at.Over = true, true
		st, given = t.r.inCanner(st, at)
	}
	t.goOn(st, s, given)
	t.rec.Steps = append(t.rec.Steps, st)
}

// where is where the sentence stands.
func (t *tale) where(s, next string) method.Where {
	at := method.Where{Names: t.own, Times: t.times, Stage: method.Stage{
		Method: !t.past && (t.section == "method" || t.working || t.filled || t.closed || !onlyNotes(t.rec.Lines)),
		Filled: t.filled, Closed: impliedLid(t.closed, t.filled, t.fillings, s), Done: t.done,
		ToFill: t.fillings > 0, Another: t.another, UnderPressure: t.done && t.pressed, Wish: wishOf(s, next),
		Serving: t.serving || t.opened || t.done && t.goesOnServing(s),
	}}
	at.Follow(lastOf(t.rec.Steps))
	return at
}

// goesOnServing reports what a sentence at the table goes on with: no verb, and no jar to fill.
func (t *tale) goesOnServing(s string) bool {
	return served(t.rec.Steps) && t.r.method.Shape(s).Verbs == 0 && !fillsJars(s)
}

// goOn follows what the sentence does to the jars; given is true where it gives the process a time of its own.
func (t *tale) goOn(st *Step, s string, given bool) {
	last := t.fillings <= 0 // no jar is closed that is filled later
	st.Loaded, st.Between = t.loaded, t.between(given)
	if last && st.Between && st.givesTime() {
		t.done, t.timed = true, true
	}
	t.loaded = t.loaded || st.loads()
	t.working = t.working || st.doing()
	t.filled = t.filled || st.fills() && (last || fillsJars(s))
	if last {
		t.close(st, s)
	}
	t.timed = t.timed || t.done && st.timed() && !st.onlyVents()
	t.pressed = (t.pressed || st.Between && st.pressed()) && !slices.ContainsFunc(st.Clauses, method.Clause.PressureDown)
	t.opened = t.done && (t.opened || st.opens()) && !fillsJars(s)
}

// between reports full jars that are not processed yet: a time is theirs. Given is true where a sentence gives
// them another one.
func (d *day) between(given bool) bool {
	return (d.filled || d.closed) && (!d.done || !d.timed || given)
}

// pressed reports jars that are put under pressure.
func (s *Step) pressed() bool { return slices.ContainsFunc(s.Clauses, method.Clause.Pressed) }

// close follows what closes the jars and processes them.
func (d *day) close(st *Step, s string) {
	d.closed = d.closed || st.Closes()
	full := d.closed || d.filled
	processed := st.Processes() && (st.timed() || st.actsProcess()) && (full || ofJars(s))
	d.done = d.done || processed || full && st.onlyTime()
}
