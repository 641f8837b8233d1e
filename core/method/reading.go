package method

import (
	"regexp"
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// ClauseKind says what a clause is.
type ClauseKind string

// The kinds of clause.
const (
	Doing  ClauseKind = "act"
	Talk   ClauseKind = "talk"
	Serve  ClauseKind = "serve"
	Unread ClauseKind = "unread"
)

// Act is a thing done.
type Act struct {
	Name   string
	Of     []string
	Undone bool
	// Verb is the verb as written.
	Verb string
	// Minutes is the duration measured with it, 0 where there is none.
	Minutes float64
	frame   *Frame
}

// Clause is a clause as read.
type Clause struct {
	Text       string
	Start, End int // bytes of the sentence
	Kind       ClauseKind
	Acts       []Act
	// Code is what an unread clause may be about, as a code of findings; "" where
	// it may be anything.
	Code string
	// Doubt is the code by which a procedure may say that the question is needless;
	// Code may name it better.
	Doubt string
	// Lasts is the first duration said in it, in minutes, 0 where there is none. The act of a process that is
	// told by its time alone has 1 for its Minutes: nobody may take it for the time that a food was heated.
	Lasts float64
	// Negated is true where the predicate is said not to be done.
	Negated bool
	// boils and loads say that something is boiled or kept, and that jars go into a
	// canner or boiling water.
	denied, adds, takes, more, canners, boils, loads, puts2, beside, opens, jars, steams, airs, lids, inJars, inPot, ofProcess, figured, over, settled, pressed, down bool
	// waters is what it does with water that the food keeps.
	waters Watering
	// jarful is how full it leaves the jar.
	jarful Jarful
	// plain is true where a row of plain.yaml covers every word.
	plain bool
	// unweighted is true where the weight comes off a canner whose pressure is gone.
	unweighted bool
	// verbs are the bytes of the words that are verbs here.
	verbs [][2]int
	// absent are the bytes of what is said not to be there.
	absent [][2]int
	// undone is true where all that the clause says is said not to be done, and would harm.
	undone bool
	// washed are the bytes of what is washed, wiped or cleaned, without what it is done with.
	washed [][2]int
	// puts are the bytes of what is put in.
	puts [][2]int
	// Why says in a word how the kind came about.
	Why string
	// About is what the clause speaks of, as a code of findings; Refused is "refused" where it
	// says what is not done, "withheld" where it says what is not there.
	About, Refused string
	// Asked is the doubt of a step of safety that a question put up: "vent the canner?"
	Asked string
	// Early is true before the first jar is filled.
	Early bool
	// Phase is the part of the canning day.
	Phase Phase
	with  []string
	into  string
}

// Where says where a sentence stands, and what else of the recipe it is read by.
type Where struct {
	Stage
	// Times counts how often the text states the minutes, anywhere.
	Times map[float64]int
	// Names are folded words of the recipe's own foods and title.
	Names map[string]bool
	// rest is both as a reading asks for them.
	rest *rest
}

// Stage is how far the course has come where a sentence stands. Two of them can be compared.
type Stage struct {
	// Method is true inside the method, where "them" and "it" are the batch;
	// outside it they may be anything.
	Method bool
	// Filled is true once food is in the jars; Closed once the jars are closed, Done once they are processed.
	Filled, Closed, Done bool
	// Running is true while closed jars are in the canner and their time was given.
	Running bool
	// UnderPressure is true once the jars were processed under pressure and nothing yet has said
	// that it went down.
	UnderPressure bool
	// Over is true where the process has ended too: what is said of it looks back.
	Over bool
	// About is what the clause before spoke of, as a code of findings; Refused what it said is
	// not done, or not there.
	About, Refused string
	// Asked is the doubt of a step of safety that a question put up: "vent the canner?"
	Asked string
	// ToFill is true while the text goes on to fill jars.
	ToFill bool
	// Serving is true under a heading for the opened jar, or right behind such a
	// sentence.
	Serving bool
	// Wish is what the next sentence says of what somebody wanted.
	Wish Wish
	// Another is true where somebody else is told to do all of it.
	Another bool
}

// Follow sets what the clause before it said.
func (at *Stage) Follow(c Clause) { at.About, at.Refused, at.Asked = c.About, c.Refused, c.Asked }

// read reads one sentence; marks are those of the second look, where somebody listens.
func (r *Reader) read(text string, at Where) (out []Clause, marks []uint32) {
	raw := rejoined(words.Split(text))
	if at.Filled && !at.Done {
		raw = Implied(raw)
	}
	t := r.annotated(text, raw)
	for i := range t {
		if w := &t[i]; w.class == "" && w.Kind == words.Word && !w.known && at.named(w.Text) {
			w.class, w.known = Food, true // the recipe's own name for what it lists
		}
	}
	list := r.split(text, t)
	none := noneOf(list)
	asked, story := asks(text), anotherStory(list)
	out = make([]Clause, 0, len(list))
	serving := at.Serving
	opens := make([]bool, len(list))
	begin := at
	for i, c := range list {
		p := &passage{c: c, at: at, r: r}
		if i > 0 {
			p.before = list[i-1]
		}
		if i+1 < len(list) {
			p.after = list[i+1]
		}
		opens[i] = p.opensJar()
		if opens[i] {
			serving = true
		} else if serving && p.fillsJars() {
			serving = false
		}
		p.serving = serving
		if i > 0 {
			p.at.Follow(out[i-1])
		}
		got := p.plainly().read()
		if i > 0 && p.leavesItOut() {
			got = Clause{Kind: Talk, Why: "left out"}
			out[i-1].Kind, out[i-1].Why, out[i-1].Acts = Talk, "left out", nil
		}
		if p.comesOfIt(&got); asked {
			got = Clause{Kind: Talk, Why: "a question", Asked: p.proposes()}
		}
		if i > 0 && c.joint == "or" && got.Kind == Talk && p.before != nil && (&passage{c: p.before, at: at, r: r}).negated() {
			got.Why = "a warning" // "don't go past that or you'll have mush"
		}
		if got.Kind == Talk && p.negated() && p.says("can't be done", "cannot be done", "can't be canned", "cannot be canned", "is not safe", "isn't safe", "is no good") {
			got.Why = "a warning"
		}
		if got.Kind == Unread && i > 0 && (out[i-1].Kind == Talk || out[i-1].Kind == Serve) && p.goesOnTelling() {
			got = Clause{Kind: Talk, Why: "said on"}
		}
		if i < none && (!hasVerb(c.t) || c.hasAny([]string{"would", "could"})) || i == none {
			got = Clause{Kind: Talk, Why: "none of it"}
		}
		if i <= story && !hasVerb(c.t) || i == story || i == story-1 && p.stative() && !p.puts() {
			got = Clause{Kind: Talk, Why: "another story"}
		}
		if i > 0 && out[i-1].undone && c.joint == "while" {
			got = Clause{Kind: Talk, Why: leftUndone, undone: true}
		}
		if !got.undone {
			p.overrule(&got, asked, out)
		}
		if got.Kind == Unread && got.Code == "unclear-amount" && at.Closed && !at.Done {
			got.Code = "process-short" // a share of the time, of the jars under water
		}
		if got.Kind == Unread {
			got.Doubt, got.Code = got.Code, p.named(got.Code)
		}
		if got.absent, got.washed = p.absences(), p.washes(); got.undone {
			got.absent = [][2]int{{c.t[0].Start, c.t[len(c.t)-1].End}}
		}
		bath := p.bath()
		got.opens = p.setAside() || opens[i] && c.joint != "before" && !c.has("before serving")
		got.inJars = p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Gap)
		got.lids = p.closesJar()
		got.steams = !(p.does("steam") && p.says("them", "the jars")) && at.Filled && p.hasClass(Steam) && c.measured(english.Duration) && !p.hasClass(Jar)
		got.airs = p.letsAirOut()
		got.steams = got.steams || got.airs
		got.jars = at.Closed || p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Canner) || p.hasClass(Lid) || p.jarsBoil()
		got.takes = p.stative() && p.says("this year", "this time", "now", "nowadays", "today", "these days", "with us", "for us", "with me", "here") || p.has(takeVerbs) || p.says("only", "just", "enough", "cheaper", "instead", "is what")
		got.more = p.says("another", "more", "extra", "additional")
		figures := p.figures()
		got.figured = len(figures) > 0 && !p.restates(figures)
		got.ofProcess = len(figures) == 0 && p.speaksOfProcess()
		got.settled = at.Running && (p.besideTheTime() || p.sealsCooling())
		if got.over = at.Over; at.Over {
			got.ofProcess = p.looksBack(got.Doubt, got.Why)
		}
		got.canners, got.adds, got.denied = p.hasClass(Canner), p.puts(), p.denies()
		got.inPot, got.waters, got.jarful = p.inPot(), p.waters(got.Acts), p.jarful()
		got.boils, got.loads = p.has(boilVerbs), p.loadsJars()
		got.unweighted, got.pressed, got.down = p.downBefore(), p.hasClass(Pressure) || p.hasClass(Gauge) || p.hasClass(Weight) || p.c.pressed(), p.pressureDown()
		got.puts2, got.beside = p.puts() && !p.does("thicken") || p.has(tableVerbs), p.besideJar() || bath
		for k := range c.t {
			if c.t[k].isVerb || c.t[k].modifies {
				got.verbs = append(got.verbs, [2]int{c.t[k].Start, c.t[k].End})
			}
		}
		got.Phase = p.phaseOf(got.Acts)
		got.About = p.about()
		if got.Asked == "" && p.asks(text) {
			got.Asked = p.proposes()
		}
		if got.Asked == "" {
			got.Asked = p.reports()
		}
		if got.Asked == "" && i > 0 && got.Kind == Talk {
			got.Asked = out[i-1].Asked
		}
		switch {
		case got.undone, got.Negated && len(got.absent) > 0 && p.after != nil && (p.after.joint == "before" || p.after.joint == "until" || p.after.joint == "till"):
			got.Refused = refused
		case got.Negated && len(got.absent) > 0, p.deniedVerb() >= 0:
			got.Refused = withheld
		case c.kind != mainClause || c.joint == "before":
			got.Refused = p.at.Refused
		}
		got.Early = at.ToFill && !at.Filled
		got.shown(c)
		got.Lasts = c.lasts()
		got.Text, got.Start, got.End = c.text, c.t[0].Start, c.t[len(c.t)-1].End
		out = append(out, got)
		at.goOn(&got, c)
	}
	r.joinServing(list, out, opens)
	forADish(list, out, begin)
	if at.Method && !asked && !at.Running {
		marks = r.secondLook(list, out, begin)
	}
	return out, marks
}

// overrule puts in the place of what was read what the course says of it: the process as it
// is told, and what becomes of the jars. What was read before stands in out.
func (p *passage) overrule(got *Clause, asked bool, out []Clause) {
	if p.howLong() {
		*got = Clause{Kind: Talk, Why: howLongItFalls}
		p.askAnywhere(got, asked)
		return
	}
	if act, ok := p.tellsProcess(); ok && !p.takesOffTime() {
		*got = Clause{Kind: Doing, Why: processTold}
		if act != "" {
			got.Acts = []Act{{Name: act, Minutes: 1}}
		}
	} else if minutes, ok := p.ventTold(); ok {
		*got = Clause{Kind: Doing, Why: processTold, Acts: []Act{{Name: "vent", Minutes: minutes}}}
	} else if p.bath() {
		got.Kind, got.Code, got.Acts = Doing, "", []Act{{Name: "boil-bath", Minutes: 1}}
	}
	if p.countedFromElse() {
		got.Kind, got.Code, got.Why = Unread, "process-short", "counted from something else"
	}
	if code, why := p.betweenLidAndDone(got); why != "" && !asked {
		got.Kind, got.Code, got.Why = Unread, code, why
	}
	if code, why := p.statement(); why != "" && !asked && !got.plain && got.Kind != Serve {
		got.Kind, got.Code, got.Why = Unread, code, why
	}
	if code, why := p.believed(got, out); why != "" && !asked {
		*got = Clause{Kind: Unread, Code: code, Why: why}
	}
	if code, why := p.lastLook(); why != "" && !asked && got.Why != "left out" {
		got.Kind, got.Code, got.Why = Unread, code, why
	}
	p.askAnywhere(got, asked)
}

// cry reports one word that nobody knows, said when all is over: "yaldi!"
func (p *passage) cry() bool {
	n := 0
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.Kind == words.Mark {
			continue
		}
		if n++; n > 1 || w.known || w.class != "" || w.food != nil {
			return false
		}
	}
	return n == 1
}

// goesOnTelling reports what somebody of the clause before does with themselves meanwhile:
// "he ate a jar every Sunday, standing up at the sink".
func (p *passage) goesOnTelling() bool {
	first := &p.c.t[0]
	if p.c.joint == "and" && p.before != nil && first.isVerb && first.low != first.verb && !strings.HasSuffix(first.low, "ing") && !strings.HasSuffix(first.low, "s") && len(p.c.t) <= 4 && !p.r.prefers(first.verb) && !light[first.verb] && p.r.frames[first.verb] == nil && !p.names(stuff) && !p.names(trade) && !p.c.hasNumber() && !p.hasClass(Vague) && !p.dangerWords() {
		if who := (&passage{c: p.before, at: p.at, r: p.r}); who.third() && !who.ourBatch() {
			return true // "Hubby took a photo of the shelf and framed it"
		}
	}
	return first.isVerb && strings.HasSuffix(first.low, "ing") && bodily[first.verb] && len(p.c.verbIndexes()) == 1 &&
		!p.namesFood() && !p.hasClass(Pronoun) && !p.hasClass(Jar) && !p.hasClass(FullJar) && !p.hasClass(Canner) && !p.hasClass(Vague) && len(p.c.m) == 0 && !p.c.hasNumber()
}

var bodily = set("stand sit lean sing whistle laugh talk chat walk dance cry shout grin smile read knit watch hum pray wait")

// goOn follows the course within the sentence: speech without marks fills, closes and
// processes its jars in one breath.
func (at *Where) goOn(got *Clause, c *clause) {
	if !at.Method || at.ToFill || got.Kind != Doing || got.Negated {
		return
	}
	for _, a := range got.Acts {
		switch a.Name {
		case "fill", "pack":
			at.Filled = at.Filled || got.inJars && !a.Undone
		case "process", "pressure-process", "boil-bath", "steam-canner":
			at.Done = at.Done || at.Closed && !a.Undone && c.measured(english.Duration)
		}
	}
	if got.lids && at.Filled {
		at.Closed = true
	}
	if at.Closed && got.Why == "figures" {
		for _, m := range c.m {
			at.Done = at.Done || m.Kind == english.Duration && m.Min >= 15
		}
	}
}

// asks reports whether the sentence is a question that puts nothing in: "why not
// add some cream?" does.
func asks(text string) bool {
	s := strings.ToLower(strings.TrimSpace(text))
	if f := strings.Fields(s); len(f) > 3 {
		k := 0
		for k < 2 && (f[k] == "and" || f[k] == "but" || f[k] == "so") {
			k++
		}
		if (f[k] == "how" || f[k] == "why" || f[k] == "where" || f[k] == "when") && (f[k+1] == "do" || f[k+1] == "does" || f[k+1] == "did" || f[k+1] == "can" || f[k+1] == "should") && subjects[f[k+2]] && !strings.Contains(s, ",") {
			return true // "how do I know the gauge is ok"
		}
	}
	if i := strings.LastIndexByte(s, ','); strings.HasSuffix(s, "?") && i > 0 {
		tag, f := strings.Fields(s[i+1:]), strings.Fields(s[:i])
		if len(tag) <= 5 && len(tag) > 0 && tagged[strings.Trim(tag[0], "?")] && len(f) > 3 && !questions[f[0]] {
			return false // "I put bacon in too, did I say?"
		}
	}
	return strings.HasSuffix(s, "?") && !strings.HasPrefix(s, "why not") && !strings.HasPrefix(s, "how about") && !strings.Contains(s, "why not")
}

// tagged begin what is asked behind a statement; questions begin a question.
var (
	tagged    = set("did didn't do don't does doesn't have haven't is isn't was wasn't right ok okay yes no eh see remember you")
	questions = set("do does did can could should would will is are was were have has what why when where who how which may must if and so or but whats what's")
)

// anotherStory returns the clause that sets apart what stands before it: "the pears
// with red wine, this is another story". It returns -1 where there is none.
func anotherStory(list []*clause) int {
	for i, c := range list {
		if c.hasAny([]string{"another story", "a different story", "another recipe", "another dish", "a different recipe", "a different dish", "another page", "a different page", "another matter", "another animal", "a different animal"}) && (&passage{c: c}).does("be") {
			return i
		}
	}
	return -1
}

// noneOf returns the clause that says that there is none of what stands before it:
// "sage: none". It returns -1 where there is none.
func noneOf(list []*clause) int {
	for i, c := range list {
		if i > 0 && c.has("there is none") && list[i-1].hasAny([]string{"would", "could"}) {
			return i
		}
		if i == 1 && len(c.t) <= 2 && !hasVerb(list[0].t) && len(list[0].t) <= 5 {
			switch c.t[0].low {
			case "no":
				if len(c.t) == 1 || c.t[1].low == "thanks" || c.t[1].Kind == words.Mark {
					return i
				}
			case "none", "nil", "never", "nope", "nothing":
				return i
			}
		}
	}
	return -1
}

// bath reports whether the clause is a time in boiling water without a verb, for
// jars that are full.
func (p *passage) bath() bool {
	if p.at.Closed && !p.at.Done && len(p.c.verbIndexes()) <= 1 && p.c.measured(english.Duration) && p.onlyBoiling() {
		return true
	}
	if p.at.Method && !p.at.Filled && p.at.ToFill && p.timesBath() {
		return true // told before the room in the jars
	}
	return p.at.Filled && !hasVerb(p.c.t) && p.c.measured(english.Duration) && p.says("boiling water", "water bath",
		"boiling-water bath", "bw", "bwb", "boiling water bath", "boiling water canner", "rolling boil")
}

// timesBath reports the minutes of a bath and nothing else: "20 minutes in the bath", "bath: 20 min". No
// food cooks in one.
func (p *passage) timesBath() bool {
	form, times := p.toldForm()
	return times == 1 && bathTime.MatchString(form)
}

var bathTime = regexp.MustCompile(`^(?:T )?(?:(?:in|into) )?(?:(?:my|our) )?(?:water )?bath (?:T )?$`)

// barePounds reports "5 lb" by itself: among full jars a pressure.
func (p *passage) barePounds() bool {
	n := 0
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case p.c.nums[i] > 0 || w.Kind == words.Number || w.m != 0:
		case w.Text == "lb" || w.Text == "pound" || w.Text == "psi" || w.Text == "#":
			n++
		case w.Kind == words.Mark || w.low == "at" || w.low == "about" || w.low == "of" || w.low == "only" || w.low == "just" || i > 0 && p.c.nums[i-1] > 1:
		default:
			return false
		}
	}
	return n == 1 && p.c.hasNumber()
}

// onlyBoiling reports "15 min boiling": a time, the word and nothing else.
func (p *passage) onlyBoiling() bool {
	found := false
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.low == "boiling" || w.low == "boil":
			found = true
		case w.m == english.Duration || w.Kind == words.Mark || units[w.Text] || w.class == Jar || w.low == "of" || w.low == "at" || w.low == "a" || w.low == "the" || w.low == "for" || w.low == "full" || w.low == "good" || w.low == "500" || w.low == "s" || w.low == "500s" || w.low == "litres" || w.low == "liters":
		default:
			return false
		}
	}
	return found
}

// joinServing makes a main clause serving where the moment beside it is: "stir in
// the cream when you open the jar".
func (r *Reader) joinServing(list []*clause, out []Clause, opens []bool) {
	for i := 1; i < len(list); i++ {
		if w := list[i].t[0].low; (w == "that" || w == "which" || w == "those") && list[i].hasAny([]string{"at the table", "when you open it", "when you eat", "at serving"}) && list[i].hasAny([]string{"go", "goes", "come", "comes"}) && !(&passage{c: list[i-1]}).fillsJars() {
			out[i].Kind = Serve
			out[i-1].keptForTable(list[i-1])
		}
		if list[i].kind == moment && list[i].hasAny(eating) && list[i-1].t[len(list[i-1].t)-1].low == "for" && list[i-1].hasAny([]string{"is for", "are for"}) {
			out[i].Kind = Serve
			out[i-1].keptForTable(list[i-1])
		}
		if opens[i] && out[i].Kind == Serve && list[i].kind == mainClause && !hasVerb(list[i-1].t) && !(&passage{c: list[i-1]}).hasClass(Jar) && !(&passage{c: list[i-1]}).hasClass(Pressure) {
			out[i-1].Kind, out[i-1].Why = Serve, "for the opened jar" // "For noodles: open two jars ..."
		}
		if out[i].Kind == Serve && out[i-1].Kind != Serve && list[i].joint == "and" && (&passage{c: list[i]}).hasClass(Pronoun) && !(&passage{c: list[i-1]}).fillsJars() && !(&passage{c: list[i-1]}).puts() && out[i-1].Why != doubtedJar && out[i-1].Code != "cooling" {
			out[i-1].Kind, out[i-1].Why = Serve, "cooked for the table" // "I cook the barley apart and put it in the bowl"
		}
		if (out[i].Kind == Serve || opens[i]) && (list[i].kind == moment || list[i].kind == condition || opens[i] && list[i].hasAny([]string{"not in jar", "not in the jar", "not for the jar", "not in the jars", "never in the jar"})) && out[i-1].Kind != Serve && (list[i].joint != "before" || list[i].has("serving")) && !(&passage{c: list[i-1]}).fillsJars() {
			for k := i - 1; k >= 0; k-- {
				if out[k].Kind == Unread && (out[k].Code == "process-short" || out[k].Why == doubtedJar) {
					break // "or none at all if you eat them soon"
				}
				later := &passage{c: list[k], r: r}
				if code, why := later.notForTable(); why != "" {
					out[k].Kind, out[k].Code, out[k].Why = Unread, code, why
					break
				}
				if list[i].joint == "while" && list[k].measured(english.Duration) && later.hasClass(Jar) {
					break // "see to the jars for their half hour while I see to lunch"
				}
				out[k].Kind, out[k].Why = Serve, "beside the opened jar"
				if list[k].joint == "then" || list[k].kind != mainClause {
					break
				}
				if k > 0 && (&passage{c: list[k-1]}).fillsJars() {
					break
				}
			}
		}
	}
}

// keptForTable reads a clause of what goes in when the jar is opened. Acid must not wait so
// long: it is asked about.
func (c *Clause) keptForTable(said *clause) {
	if p := (&passage{c: said}); p.hasClass(Acid) || p.says("lemon", "lime", "vinegar") {
		c.Kind, c.Code, c.Why = Unread, "no-acid-added", "acid at the table"
		return
	}
	c.Kind, c.Code, c.Why = Serve, "", "kept for the table"
}

// eating are words for the day that a jar is opened.
var eating = []string{"heat it", "warm it", "open it", "eat it", "serve it", "open them", "heat them", "warm them", "eat them", "serve them", "open a jar", "open the jar"}

// toEat are words before what is done with an opened jar.
var toEat = []string{"to eat", "to serve", "for eating", "to use", "for serving"}

// forADish reads a sentence that names the dish first as the cooking of it, once the jars
// are done: "For stew, roll it in flour and brown it when you open the jar."
func forADish(list []*clause, out []Clause, at Where) {
	if !at.Done || len(list) < 2 {
		return
	}
	forIt := out[0].Kind == Serve && list[0].t[0].low == "for" || list[0].hasAny(toEat) && len(list[0].t) <= 3
	if !forIt {
		return
	}
	for i := 1; i < len(list); i++ {
		p := &passage{c: list[i], at: at}
		if p.fillsJars() || p.hasClass(Canner) || p.hasClass(Lid) || p.hasClass(FullJar) || p.hasClass(Jar) && out[i].Kind != Serve {
			return
		}
		out[i].Kind, out[i].Code, out[i].Why = Serve, "", "for the dish"
	}
}

// passage is a clause with what stands around it.
type passage struct {
	c             *clause
	at            Where
	r             *Reader
	before, after *clause
	serving       bool
}

func (p *passage) read() Clause {
	if p.at.Refused != "" && p.doesAfterAll() || p.at.Refused == refused && !p.serving && p.takesBack() {
		return Clause{Kind: Unread, Why: "what was not to be done, after all"}
	}
	if p.serving {
		if !p.touches() {
			return Clause{Kind: Talk, Why: "nothing touched"}
		}
		if p.at.Method && p.says("brine") && p.says("squeezed", "fresh") && p.says("lemon", "lemons", "lime", "limes") {
			return Clause{Kind: Unread, Code: "fresh-citrus", Why: "fresh juice"}
		}
		if p.at.Method && p.acidLater() {
			return Clause{Kind: Unread, Code: "no-acid-added", Why: "acid at the table"}
		}
		return Clause{Kind: Serve, Why: "the opened jar"}
	}
	if p.at.Method && !p.at.Done && p.othersDo() && p.at.About != "" {
		return Clause{Kind: Unread, Code: p.at.About, Why: "others do"}
	}
	if acidCodes[p.at.About] && len(p.c.t) <= 5 && p.says("no idea", "not a clue", "who knows", "no notion", "don't know", "never checked", "couldn't say") {
		return Clause{Kind: Unread, Code: "weak-vinegar", Why: "a strength that nobody knows"}
	}
	if p.at.Filled && !p.at.Done && p.barePounds() {
		return Clause{Kind: Doing, Why: "figures"}
	}
	if p.aDate() {
		return Clause{Kind: Talk, Why: "a date"}
	}
	if code, why := p.deniedStep(); why != "" && !p.serving {
		return Clause{Kind: Unread, Code: code, Why: why}
	}
	if row := p.plain(); row != nil {
		if row.Doubt != "" {
			return Clause{Kind: Unread, Code: row.Doubt, Why: row.Why}
		}
		return Clause{Kind: row.Kind, Why: row.Why, Negated: p.negated(), plain: true}
	}
	if v := p.reminds(); v > 0 {
		told := &passage{c: p.c.onward(v), at: p.at, r: p.r, before: p.before, after: p.after}
		if got := told.read(); got.Kind == Unread {
			return got
		}
	}
	if p.refrains() {
		return Clause{Kind: Talk, Why: leftUndone, undone: true}
	}
	if !p.touches() {
		if acts := p.massed(); len(acts) > 0 {
			return Clause{Kind: Unread, Code: "puree", Why: "like a mass", Acts: acts}
		}
		if code := p.window(); code != "" {
			return Clause{Kind: Unread, Code: code, Why: "the jars are full"}
		}
		if p.at.Method || p.at.Done {
			for _, look := range []func([]Act) (string, string){p.unsaid, p.fatLeft, p.overJars, p.mush, p.pressed, p.kettleWater, p.timing, p.standIn, p.closing, p.halfHeat, p.forms, p.acidBy, p.already, p.wholesale, p.fromAway, p.measuredOut, p.misused, p.signs, p.plunged, p.unlicensed, p.alarmed, p.anotherFigure, p.letsDrop} {
				if code, why := look(nil); why != "" {
					return Clause{Kind: Unread, Code: code, Why: why}
				}
			}
		}
		if p.at.Method && p.c.hasNumber() && p.says(licences...) {
			return Clause{Kind: Unread, Code: "process-short", Why: "a figure with a licence"}
		}
		if code, why := p.clockWrong(nil); p.at.Method && why != "" {
			return Clause{Kind: Unread, Code: code, Why: why}
		}
		if code, why := p.openEnd(nil); p.at.Method && why != "" && p.before != nil && (&passage{c: p.before, at: p.at, r: p.r}).touches() {
			return Clause{Kind: Unread, Code: code, Why: why}
		}
		if code := p.stage(); code != "" {
			return Clause{Kind: Unread, Code: code, Why: "may cut it short"}
		}
		if code := p.vague(); code != "" {
			return Clause{Kind: Unread, Code: code, Why: "vague"}
		}
		if p.drink() {
			return Clause{Kind: Talk, Why: "a drink"}
		}
		if p.at.Done && p.cry() {
			return Clause{Kind: Talk, Why: "a cry"}
		}
		if p.at.Method && (p.bareDo() || p.strangeWord() && !(p.negated() && !p.puts() && !p.has(bothers))) {
			return Clause{Kind: Unread, Code: "unknown-ingredient", Why: "an act or a thing nobody knows"}
		}
		return Clause{Kind: Talk, Why: "nothing touched"}
	}
	if got, ok := p.onceDone(); ok {
		return got
	}
	if why := p.beside(); why != "" {
		return Clause{Kind: Talk, Why: why}
	}
	if p.wished() {
		return Clause{Kind: Talk, Why: "only wished for"}
	}
	if code := p.window(); code != "" {
		return Clause{Kind: Unread, Code: code, Why: "the jars are full"}
	}
	if why := p.talk(); why != "" {
		return Clause{Kind: Talk, Why: why}
	}
	if p.serves() {
		return Clause{Kind: Serve, Why: "at the table"}
	}
	if p.dish() {
		return Clause{Kind: Serve, Why: "the dish made of it"}
	}
	out := Clause{Kind: Doing, Negated: p.negated()}
	for _, s := range p.c.acts(p.at.Closed) {
		name := p.inContext(p.coversFood(s.frame.Act))
		if name == "process" && s.verb >= 0 && p.c.t[s.verb].verb == "boil" {
			name = "boil-bath"
		}
		if name == "process" && p.c.has("bath") && !p.hasClass(Pressure) && !p.says("steam", "no bath") {
			name = "boil-bath" // "in the bath they want three hours"
		}
		if name == "boil-bath" && s.verb >= 0 && gentle[p.c.t[s.verb].verb] && !p.says("rolling boil", "full boil") {
			name = "below-boil-hold" // "simmer the filled jars 45 minutes"
		}
		a := Act{Name: name, Undone: s.frame.Undone || out.Negated && !excuses[s.frame.Act] || s.verb > 0 && (p.gently(s.verb-1) || p.behind(s.verb)), frame: s.frame}
		if s.verb >= 0 {
			a.Verb = p.c.t[s.verb].low
			for _, o := range p.c.objectsOf(s.verb) {
				a.Of = append(a.Of, p.c.t[o.head].Text)
			}
		}
		a.Minutes = p.c.lasts()
		if a.Name == "talk" || (a.Name == "pressure-process" || a.Name == "process") && p.namesFood() && !p.at.Filled && !p.hasClass(Jar) && !p.hasClass(Canner) || a.Name == "self-seal" && (&passage{c: p.c.unit()}).hasClass(Wax) || a.Name == "crush" && (p.says("ice") || strings.HasSuffix(a.Verb, "ed") && !hasAux(p.c.t)) || a.Name == "no-process" && (p.namesFood() || p.c.joint == "before") || s.verb < 0 && a.Name == "cover-with-liquid" && p.overVessel() {
			continue
		}
		if s.verb >= 0 && thrown[p.c.t[s.verb].verb] && putting[a.Name] && !p.puts() {
			a.Name = "discard"
		}
		if putting[a.Name] && s.verb >= 0 {
			for _, o := range p.c.objectsOf(s.verb) {
				out.puts = append(out.puts, [2]int{p.c.t[o.start].Start - p.c.t[0].Start, p.c.t[o.end-1].End - p.c.t[0].Start})
			}
		}
		out.Acts = append(out.Acts, a)
		for _, more := range s.frame.Also {
			out.Acts = append(out.Acts, Act{Name: more, Verb: a.Verb, Of: a.Of, Undone: a.Undone})
		}
	}
	out.Acts = append(append(append(out.Acts, p.oddHeat()...), p.massed()...), p.milled(out.Acts)...)
	if p.goesWell(out.Acts) {
		return Clause{Kind: Serve, Why: "at the table"} // "goes well with cheese"
	}
	if code, why := p.danger(out.Acts); why != "" {
		out.Kind, out.Code, out.Why = Unread, code, why
		return out
	}
	if p.afterwards() {
		return Clause{Kind: Serve, Why: "after the jars are done"}
	}
	if p.at.Method {
		code, why := p.loose(out.Acts)
		if why == "" {
			code, why = p.strict(out.Acts)
		}
		if why != "" && !p.fragmentOfProcess() {
			out.Kind, out.Code, out.Why = Unread, code, why
			return out
		}
	}
	if len(out.Acts) == 0 && p.fragmentOfProcess() {
		out.Why = "figures"
		return out
	}
	if len(out.Acts) == 0 && p.coolsAlone() {
		out.Why = "cools by itself"
		return out
	}
	if len(out.Acts) == 0 && (p.c.kind == reason || p.c.kind == contrast) && !p.puts() && !p.dangerWords() && !p.hasClass(Vague) {
		return Clause{Kind: Talk, Why: "a reason"}
	}
	if len(out.Acts) == 0 && p.idle() {
		return Clause{Kind: Talk, Why: "nothing of the batch"}
	}
	if why := p.harmless(); len(out.Acts) == 0 && why != "" {
		out.Why = why
		return out
	}
	if len(out.Acts) == 0 && !p.harmlessFragment() && !p.composed() && !p.stative() {
		out.Kind, out.Why = Unread, "no frame"
		return out
	}
	if len(out.Acts) == 0 && (p.unclaimed() || p.declared()) {
		out.Kind, out.Code, out.Why = Unread, p.aboutCode(), "said of a step, and read by nothing"
		return out
	}
	out.Why = "frame"
	return out
}

// overVessel reports liquid that stands over jars, or in the pot that holds them.
func (p *passage) overVessel() bool {
	return p.at.Closed || p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Lid) || p.hasClass(Canner) || p.hasClass(Pot)
}

// idle reports whether a clause outside the method names nothing that could be in a
// jar or done to one: a stool by the stove, the lid of the piano.
func (p *passage) idle() bool {
	if p.at.Method || p.puts() || p.measuresKitchen() || p.dangerWords() {
		return false
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.inner {
			continue
		}
		if stuff[w.class] || w.class == Jar || w.class == FullJar || w.class == Canner || w.class == Gauge || w.class == Weight || w.class == Pressure || w.class == Vague || w.class == Pronoun && (w.low == "them" || w.low == "ones") || w.m == english.Duration {
			return false
		}
	}
	return !p.has(heatVerbs)
}

// denies reports whether the clause says of a thing what it is not, and does nothing.
func (p *passage) denies() bool {
	if len(p.c.t) < 2 || p.subject() == nil && p.word(0) != "this" && p.word(0) != "that" && p.word(0) != "it" {
		return false
	}
	be, not := false, false
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.isVerb && w.verb != "be" && !(w.aux && strings.HasSuffix(w.low, "n't")) {
			return false
		}
		be = be || w.isVerb
		not = not || w.low == "not" || w.low == "isn't" || w.low == "aren't" || w.low == "wasn't" || w.low == "never"
	}
	return be && not
}

// bareDo reports whether the clause is an order to do what it does not name: "then
// do the trick".
func (p *passage) bareDo() bool {
	for i := range p.c.t {
		switch w := &p.c.t[i]; {
		case w.low == "do":
			if next := p.word(i + 1); (next == "my" || next == "your" || next == "our" || next == "his" || next == "her") && !p.names(stuff) && !p.names(trade) {
				return false // "do my crossword"
			}
			return p.word(i+1) != "not"
		case joints[w.low] == 0 && w.low != "and" && !adverbs[w.low]:
			return false
		}
	}
	return false
}

// strangeWord reports whether the clause has a word, no name, that neither the
// trade nor English knows.
func (p *passage) strangeWord() bool {
	for i := range p.c.t {
		if w := &p.c.t[i]; w.Kind == words.Word && w.class == "" && !w.known && !w.aux && !closed[w.low] && !adverbs[w.low] && !w.name && w.m == 0 && len(w.low) > 2 && !units[w.Text] && !figureWords[w.Text] {
			return true
		}
	}
	return false
}

// inContext names an act by what stands around it: jars that are full are not
// sterilised, and what is cooled after the process is the canner.
func (p *passage) inContext(act string) string {
	if p.at.ToFill && !p.hasClass(Canner) {
		switch act {
		case "boil-bath":
			return "boil"
		case "force-cool":
			return "cool-food"
		}
	}
	switch act {
	case "fill":
		if p.does("do") && p.says("pint", "quart", "half-pint") && !p.does("fill") {
			return "choose-jar" // "I do pints"
		}
	case "measure":
		if !p.at.Filled || !p.does("count time clock") || !p.c.measured(english.Duration) {
			break
		}
		if p.before != nil && (&passage{c: p.before}).hasClass(Steam) && p.ventsTen() {
			return "vent" // "wait for a steady plume of steam, then count ten minutes"
		}
		if p.at.Closed && !p.at.Done {
			return "process" // "and count 75 minutes from there"
		}
	case "boil-bath":
		if !p.at.Filled && !p.at.Closed && p.hasClass(Jar) && len(p.c.m) == 1 && p.c.m[0].Kind == english.Duration && p.c.m[0].Max <= 15 && !p.says("full", "filled", "sealed", "closed", "in their jars", "in the jars") {
			return "sterilise-jar" // "First Grandpa boils the jars ten minutes."
		}
		if !p.at.Filled && !p.at.Closed && p.after != nil && p.after.hasAny([]string{"keep hot", "kept hot", "keep them hot", "leave them in", "until needed", "till needed"}) && !p.says("full", "filled", "sealed", "closed") {
			return "sterilise-jar" // "boil jars 10 min, keep hot"
		}
		if !p.at.Filled && !p.at.Closed && !p.hasClass(Jar) && !p.hasClass(FullJar) && !p.hasClass(Canner) && !p.hasClass(Pronoun) && p.does("cook boil simmer") {
			return "boil" // "cook ten minutes in boiling water"
		}
	case "sterilise-jar", "warm-jar":
		if p.at.Filled || p.says("sealed", "closed", "filled", "in their jars") && !p.says("empty") {
			return "boil-bath"
		}
	case "cool-food", "chill", "rinse", "cool-jars":
		if p.at.Done && p.at.Method && p.says("cold water", "tap", "ice", "snow", "wet cloth", "hose") && !p.says("jars") {
			return "force-cool"
		}
	case "dishwasher-process":
		if !p.at.Filled {
			return "wash-jar"
		}
	case "oven-process":
		if !p.at.Filled {
			return "warm-jar-in-oven"
		}
	case "puree", "mash":
		if p.hasClass(Jar) && !p.namesFood() {
			return "wash-jar"
		}
	case "vent", "steam":
		if p.at.Closed && !p.at.Done && p.does("steam") && p.says("them", "the jars") && !p.hasClass(Weight) && !p.says("vent", "canner", "exhaust", "first", "before") {
			return "steam-canner" // "steam them 20 minutes"
		}
		if act == "vent" && !p.at.Filled && !p.says("vent", "vented", "venting", "exhaust", "weight", "canner", "petcock", "steady", "plume", "stream") {
			return "steam"
		}
	case "stand", "hold", "load":
		if p.at.Closed && !p.at.Done && p.c.measured(english.Duration) && p.says("boiling water") && p.does("stand leave keep hold put set sit") {
			return "boil-bath" // "stand them in a bath of boiling water an hour"
		}
	case "boil", "simmer", "pressure-cook":
		if p.says("in their jars", "sealed jars", "closed jars") {
			return "boil-bath"
		}
		if act == "boil" && p.jarsBoil() {
			return "boil-bath" // "Fill pints, 1/2 inch headspace. Boil 15 minutes."
		}
	}
	return act
}

// coversFood names what covers food in a pot, which loads no canner yet: "put them with water to cover".
func (p *passage) coversFood(act string) string {
	if act == "load" && !p.at.Filled && !p.at.Closed && p.does("cover") && !p.hasClass(Jar) && !p.hasClass(FullJar) &&
		!p.hasClass(Canner) && !p.hasClass(Rack) && !p.c.measured(english.Duration) {
		return "cover-with-liquid"
	}
	return act
}

// jarsBoil reports a clause among full jars that says to boil for some minutes and nothing
// else: it can only mean these.
func (p *passage) jarsBoil() bool {
	if !p.at.Filled || p.at.ToFill || p.at.Done || len(p.c.m) != 1 || p.c.m[0].Kind != english.Duration || !p.does("boil") {
		return false
	}
	if b := p.before; b != nil {
		if last := (&passage{c: b}); !last.hasClass(Jar) && !last.hasClass(Lid) && !last.hasClass(Gap) {
			return false // "cover with water, boil 3 minutes, fill the jars"
		}
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; w.Kind == words.Word && w.m == 0 && w.verb != "boil" && !bareWords[w.low] {
			return false
		}
	}
	return true
}

// gentle are verbs of a heat below the boil.
var gentle = set("simmer poach")

// bareWords may stand with it.
var bareWords = set("for a full good whole then now and vigorously gently hard steadily about")

func hasAux(t []token) bool {
	for i := range t {
		if t[i].aux {
			return true
		}
	}
	return false
}

// namesFood reports whether a food of the catalogue is named.
func (p *passage) namesFood() bool {
	for i := range p.c.t {
		if p.c.t[i].food != nil {
			return true
		}
	}
	return false
}

// oddHeat finds what an oven, a microwave or the jar's own heat does to jars that
// are full.
func (p *passage) oddHeat() []Act {
	if !p.at.Filled || p.negated() {
		return nil
	}
	if !p.at.Done && !hasVerb(p.c.t) && p.says("in the oven", "in a slow oven", "in a low oven") {
		return []Act{{Name: "oven-process", Verb: "oven"}}
	}
	if p.hotAir() {
		return []Act{{Name: "oven-process", Verb: "oven"}}
	}
	if p.pasteurised() {
		return []Act{{Name: "below-boil-hold", Verb: "pasteurise"}}
	}
	if p.simmersJars() {
		return []Act{{Name: "below-boil-hold", Verb: "simmer"}}
	}
	if p.at.Closed && !p.at.Done && p.hasClass(Pronoun) && p.does("boil") && !p.namesFood() && !p.hasClass(Steam) {
		for _, m := range p.c.m {
			if m.Kind == english.Duration && m.Min >= 20 {
				return []Act{{Name: "boil-bath", Verb: "boil", Minutes: m.Min}}
			}
		}
	}
	if p.underWater() {
		for _, m := range p.c.m {
			if m.Kind == english.Duration && m.Min >= 15 {
				return []Act{{Name: "boil-bath", Verb: "boil", Minutes: m.Min}} // "ninety minutes in the kettle with water over"
			}
		}
	}
	them := p.hasClass(Jar) || p.hasClass(Lid) || p.at.Method && p.hasClass(Pronoun)
	switch {
	case !them:
	case p.says("oven") && p.has(loadVerbs):
		return []Act{{Name: "oven-process", Verb: "oven"}}
	case p.says("microwave", "dishwasher") && p.has(loadVerbs):
		return []Act{{Name: "microwave", Verb: "microwave"}}
	case !p.at.Done && p.hasClass(Lid) && p.says("pop", "pops", "ping", "pings", "click", "clicks", "suck", "sucks") && !p.says("after", "next day", "cool"):
		return []Act{{Name: "self-seal", Verb: "pop"}}
	case !p.at.Done && p.says("seals the jars", "seal the jars", "seals them", "seals it", "will seal", "seals by itself", "seals itself"):
		return []Act{{Name: "self-seal", Verb: "seal"}}
	case !p.at.Done && p.says("over the closed jars", "over the jars") && p.says("cool"):
		return []Act{{Name: "self-seal", Verb: "cool"}}
	}
	return nil
}

// massed finds food that is worked until nothing of its pieces is left: "till there's not a
// lump left", "till it's like thick paint".
func (p *passage) massed() []Act {
	if !p.at.Method || p.at.Filled {
		return nil
	}
	if of := p.c.unit(); of.hasAny(dissolving) && !of.hasAny([]string{"them"}) {
		return nil // "stir the sugar until there are no lumps"
	}
	for _, s := range pieceless {
		if p.says(s) {
			return []Act{{Name: "puree", Verb: s}}
		}
	}
	return nil
}

// milled finds food that is put through something without a known name, "put it through
// the passatutto": whatever has holes makes a puree.
func (p *passage) milled(acts []Act) []Act {
	if len(acts) > 0 || p.at.Filled || !p.does("put pass push press run work force rub send crank feed") || p.negated() {
		return nil
	}
	for _, ch := range p.c.chunks() {
		if ch.prep == "through" && (ch.class == Unknown || ch.class == Thing || ch.class == None) && p.c.t[ch.head].Kind == words.Word && p.c.t[ch.head].m == 0 {
			return []Act{{Name: "puree", Verb: p.c.t[ch.head].low}}
		}
	}
	return nil
}

var (
	pieceless = []string{"not a lump", "no lump", "no lumps", "without lumps", "without a lump", "lump free", "free of lumps", "like paint", "like thick paint", "like baby food", "like wet cement",
		"like plaster", "like putty", "like hummus", "like mashed potato", "like mashed potatoes", "like a thick cream", "like whipped cream", "smooth as silk", "smooth as velvet", "smooth as butter", "smooth as a baby"}
	dissolving = []string{"sugar", "salt", "pectin", "starch", "flour", "stock", "broth", "syrup", "brine", "gravy", "slurry"}
)

// underWater reports a pot whose water stands over what is in it: "in the kettle with water
// well up over".
func (p *passage) underWater() bool {
	if !p.hasClass(Pot) && !p.hasClass(Canner) && !p.says("boiler", "copper", "tub") {
		return false
	}
	for i := range p.c.t {
		if p.c.t[i].low != "water" {
			continue
		}
		for k := i + 1; k < len(p.c.t) && k <= i+3; k++ {
			switch next := p.word(k + 1); p.c.t[k].low {
			case "covering":
				return true
			case "over", "above":
				return next != "heat" && next != "fire" && next != "flame" && next != "low" && next != "medium" && next != "high"
			}
		}
	}
	return false
}

// putting are the acts that put something in.
var putting = set("add stir-in dose-jar replace thicken layer double infuse brine cover-with-liquid")

// excuses are acts that a negation has already been read into.
var excuses = map[string]bool{"no-process": true, "leave-out": true}

// has reports whether any word of the clause is in the set, by its lower or
// folded form.
func (p *passage) any(words map[string]bool) bool {
	for i := range p.c.t {
		if words[p.c.t[i].low] || words[p.c.t[i].Text] {
			return true
		}
	}
	return false
}

func (p *passage) says(phrases ...string) bool { return p.c.hasAny(phrases) }

// touches reports whether the clause speaks of food, jars, lids, the canner,
// heat, time or pressure; inside the method a pronoun is one of them.
func (p *passage) touches() bool {
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.inner {
			continue
		}
		switch {
		case w.m == english.Duration, w.m == english.Temperature, w.m == english.Length:
			return true
		case w.class == Pronoun:
			if p.at.Method && !p.pronounOfTalk(i) {
				return true
			}
		case w.Text == "recipe" && !p.has(mixing):
		case w.edible && w.food == nil && p.at.Method && !w.name && p.does(mixingIn):
			return true // "add sago", of which nobody said what it is
		case w.class == Vague, stuff[w.class], trade[w.class]:
			return true
		case w.isVerb && p.at.Method && !p.at.Filled && w.low == w.verb && (formVerbs[w.verb] || w.verb == "grind" || w.verb == "mince") && p.any(someOf):
			return true // "I grind half"
		case w.isVerb && formVerbs[w.verb] && w.low == w.verb && p.hasClass(Pronoun):
			return true
		case w.isVerb && p.r.frames[w.verb] != nil && p.at.Method && heatVerbs[w.verb]:
			return true
		}
	}
	if p.at.Method && p.c.denied() && p.after != nil && p.after.joint == "or" {
		return true // "don't trim or drain it": what is behind the second is meant by both
	}
	if p.at.Method && (len(p.milled(nil)) > 0 || p.at.Filled && p.does("cool chill dunk plunge hose") && (p.any(colds) || p.says("tap", "under the tap"))) {
		return true // "cool under the tap"
	}
	code, _ := p.foregone(nil)
	return code != "" && p.at.Method
}

// pronounOfTalk reports whether the pronoun at i is the subject of a verb of
// saying or feeling: "they say", "it says".
func (p *passage) pronounOfTalk(i int) bool {
	for k := i + 1; k < len(p.c.t); k++ {
		if w := &p.c.t[k]; w.isVerb && !w.aux {
			v, _ := english.Lookup(w.verb)
			switch v.Verb() {
			case english.VerbThink, english.VerbSay, english.VerbFeel:
				return true
			}
			return false
		}
	}
	return false
}

// mixing are verbs by which one recipe may go into another.
var mixing = set("add put stir mix fold pour double halve triple use make can process follow change adjust alter skip")

// someOf say that a part of the batch is meant.
var someOf = set("half some most few rest third quarter bit lot")

// mixingIn are verbs of which the object goes into the batch.
const mixingIn = "add stir mix whisk fold beat sprinkle stiffen thicken bind enrich bulk dust"

// formVerbs change what "it" is, wherever they are said.
var formVerbs = set("blend puree mash thicken whizz blitz sieve liquidise")

// heatVerbs touch the batch whatever their object.
var heatVerbs = set(`boil simmer cook heat fry bake roast steam blanch brown process vent can pressure sterilise sterilize drain rinse peel chop blend puree mash thicken strain soak reduce
	sieve fill pack ladle seal blitz whizz add stir whisk fold beat sprinkle season sweeten enrich bulk`)

// fillsJars reports whether the clause fills, closes or processes jars.
func (p *passage) fillsJars() bool {
	c := p.c
	if c.hasAny([]string{"open jar", "opened jar", "open a jar", "open the jar", "open one"}) {
		return false
	}
	for _, v := range c.verbIndexes() {
		switch c.t[v].verb {
		case "process", "can", "vent", "fill", "ladle", "seal":
			return true
		case "pack", "put", "leave", "wipe", "cover", "adjust", "go", "spoon", "pour":
			for i := range c.t {
				switch c.t[i].class {
				case Jar, Lid, Band, Rim, Gap, Canner:
					return true
				}
			}
		}
	}
	for i := range c.t {
		switch c.t[i].class {
		case Gap, Canner, Band, Rim:
			return true
		}
	}
	return false
}

// opensJar reports whether a finished jar is opened here, or the food is at the
// table.
func (p *passage) opensJar() bool {
	c := p.c
	if !p.hasClass(Jar) && c.around(12).hasAny([]string{"hissing", "hisses", "rattling", "rattles", "spitting"}) {
		return false // the canner
	}
	if p.at.Done && p.word(0) == "come" && len(c.t) > 1 && (c.t[1].name || c.t[1].entry.Noun() == english.NounTime) && !p.fillsJars() {
		return true // "come winter"
	}
	if p.emptiesJar() {
		return true
	}
	if p.says("to finish it", "to finish them", "to finish the", "to finish with", "to finish off") && !p.at.Done {
		return false // "the secret is to finish it with cream"
	}
	if p.says("to finish") && !p.at.Done && c.unit().hasAny([]string{"simmered", "boiled", "cooked", "simmer", "boil", "stirred in"}) {
		return false // "milk to finish, simmered in"
	}
	if p.says("at table", "at the table") && p.hasClass(Jar) && c.hasNumber() && !p.at.Done {
		return false // "big jars, since we're eight at table"
	}
	if p.hasClass(Weight) && !p.hasClass(Jar) || p.hasClass(Lid) && p.says("at once", "right away", "straight away", "immediately", "quick", "quickly", "early") {
		return false // the canner's
	}
	if p.dayOfEating() || p.dayOfDish() {
		return true
	}
	if p.at.Closed && !p.at.Done && !p.does("open serve eat reheat enjoy want") && !p.says("serve", "serving", "table", "eat", "eating", "opened", "opening", "jar is open") {
		return false // "45 minutes start to finish"
	}
	if c.hasAny([]string{"i open", "we open", "i opened", "we opened"}) && (p.hasClass(Canner) || p.hasClass(Steam) || c.hasAny([]string{"can", "cans", "tin", "tins", "packet", "packets", "box", "carton", "bag", "petcock", "vent", "valve", "weight"})) {
		return false // "I opened two cans of cream of mushroom"
	}
	if c.hasAny(openings) && !(p.has(cutVerbs) && !p.says("open", "opened", "serve", "eat")) {
		return true
	}
	for i := range c.t {
		w := &c.t[i]
		if w.verb == "open" && w.isVerb && p.at.Done && (len(c.t) == 1 || len(c.t) == 2 && c.kind == moment) {
			return true // "after opening"
		}
		if w.low == "open" && i > 1 && (p.word(i-1) == "them" || p.word(i-1) == "it") && p.does("boil cook simmer process keep leave steam") {
			continue // "I boil them open in the pan"
		}
		if w.verb == "open" && (w.isVerb || w.low == "opening" || w.low == "opened") && !p.negatedAt(i) {
			for k := max(0, i-4); k < len(c.t) && k <= i+4; k++ {
				if p.at.Done && k > i && (c.t[k].low == "bottle" || c.t[k].low == "bottles") && k > 0 && (k+1 >= len(c.t) || c.t[k+1].low != "of") {
					return true
				}
				switch c.t[k].class {
				case Jar, FullJar, Lid:
					return !c.hasAny([]string{"canner", "petcock", "vent"})
				case Pronoun:
					if p.at.ToFill && !p.at.Filled && c.kind == mainClause {
						return false // shells, pods
					}
					if c.around(12).hasAny([]string{"hissing", "hisses", "steaming", "pressure", "zero", "rattling", "rattles", "the weight"}) {
						return false // the canner
					}
					return !c.hasAny([]string{"canner", "packet", "tin", "can", "bottle", "shell", "steam"})
				}
			}
		}
	}
	return false
}

// occasions are when a jar is opened.
var occasions = []string{"supper", "dinner", "lunch", "company", "guests", "visitors", "hungry", "a craving", "sick", "snowed in", "power goes out", "camping", "in a hurry"}

// emptiesJar reports a jar that is tipped out, or used for a dish: "I tip a jar into the
// slow cooker".
func (p *passage) emptiesJar() bool {
	verbs := p.c.verbIndexes()
	if len(verbs) == 0 || p.fillsJars() {
		return false
	}
	v := verbs[0]
	switch p.c.t[v].verb {
	case "tip", "empty", "dump", "use", "drain":
	default:
		return false
	}
	if v+2 >= len(p.c.t) || p.c.t[v+1].low != "a" && p.c.t[v+1].low != "one" && p.c.t[v+1].low != "two" || p.c.t[v+2].class != Jar && p.c.t[v+2].class != FullJar {
		return false
	}
	if w := p.word(v + 2); w != "jar" && w != "jars" {
		return false // "use a quart for the big ones"
	}
	next := p.word(v + 3)
	if p.c.t[v].verb == "use" {
		return next == "as" && p.at.Done
	}
	return next == "into" || next == "over" || next == "in"
}

// dayOfEating reports "the night you have it", "the day we want them".
func (p *passage) dayOfEating() bool {
	for i := 0; i+3 < len(p.c.t); i++ {
		switch p.word(i + 1) {
		case "day", "night", "evening", "morning", "week", "time":
		default:
			continue
		}
		if p.word(i) == "the" && (p.word(i+2) == "you" || p.word(i+2) == "we" || p.word(i+2) == "i") {
			switch p.c.t[i+3].verb {
			case "have", "eat", "want", "need", "use", "open", "serve":
				return !p.fillsJars()
			}
		}
	}
	return false
}

func (p *passage) negatedAt(i int) bool {
	for k := max(0, i-2); k < i; k++ {
		if negators[p.c.t[k].low] {
			return true
		}
	}
	return false
}

var cutVerbs = set("cut peel chop slice dice cube core pit trim snap shell grate wash pick sort fill pack")

// openings are phrases that speak of an opened jar.
var openings = []string{"reheat it", "reheat them", "when you reheat", "when reheated", "when you serve", "when we serve", "when i serve", "when they are served", "when it is served", "afterwards", "not in jar", "not in the jar", "not for the jar", "never in the jar", "not in the jars", "when eating", "eating day", "at camp", "at supper", "that night", "the same evening", "i open", "we open", "you open a", "come winter", "at table", "at the table", "on the table", "serving suggestion", "for the plate", "for serving", "to finish", "open the jar", "open a jar", "open jar", "opened jar", "opening the jar", "jar is opened", "jar is open", "jars are opened", "open it", "once opened", "after opening", "on opening", "when opened", "when opening", "upon opening",
	"out of the jar", "out of a jar", "from a jar in", "from the jar to the", "at serving", "before serving", "when serving", "when served", "at serving time", "for serving", "when it is opened", "the day you open", "open one", "open them", "time to eat", "to serve", "when you want to eat", "when you eat it", "the night you eat", "day you eat", "when you use it", "when you use them", "come to use"}

// serves reports whether the clause speaks of the table: on toast, for supper.
func (p *passage) serves() bool {
	if p.fillsJars() {
		return false
	}
	if p.at.Closed && !p.at.Done && !p.carrier() && p.does("come take lift pull go") && !p.namesFood() {
		return false // "when the dog barks for supper they come out"
	}
	if p.does("come go") && p.says("later", "afterwards") && (p.at.Done || p.after != nil && p.after.kind == moment) && p.namesFood() && !p.hasClass(Acid) && !p.hasClass(Jar) && !p.says("before", "lemon", "lime", "vinegar") {
		return true // "fatback comes later"
	}
	if p.atItsBest() {
		return true
	}
	if p.says(tables...) && (!p.c.hasAny([]string{"jars", "pot", "before filling"}) || p.at.Done && p.says("from the jar", "out of the jar")) {
		return true
	}
	if (p.at.Done || p.at.Running) && !p.at.ToFill && p.carrier() {
		return true
	}
	if p.says("for lunch", "for supper", "for dinner", "for breakfast", "for tea") && p.says("out of") && p.does("have eat take") {
		return true
	}
	for _, v := range p.c.verbIndexes() {
		switch p.c.t[v].verb {
		case "serve", "eat", "enjoy", "garnish", "consume":
			return true
		case "reheat":
			if p.reheatsAtTable() {
				return true
			}
		}
	}
	return false
}

// reheatsAtTable reports food that is heated again to be eaten, and not "reheat the broth and fill the jars",
// nor the pot before it is filled.
func (p *passage) reheatsAtTable() bool {
	if p.at.Method && p.at.ToFill && !p.at.Filled && p.c.kind == mainClause {
		return false
	}
	return !p.c.unit().hasAny([]string{"fill", "jar", "jars", "pack", "ladle", "pints", "quarts"}) ||
		p.at.Done && !p.at.ToFill
}

// atItsBest reports when, or how, it is eaten: "on the day, not before", "we eat it off the spoon".
func (p *passage) atItsBest() bool {
	if p.says("off the spoon") && p.does("eat lick taste serve love like") {
		return true
	}
	return p.says("on the day", "that day", "on the night") && p.c.unit().has("not before")
}

var tables = []string{"for the sandwich", "for sandwiches", "for the salad", "for salads", "for the toast", "for the sauce later", "for the bowl", "for the table", "for later", "are for the", "into the bowl", "over the bowl", "at table", "at the table", "on the table", "on toast", "over rice", "over noodles", "over pasta", "on the plate", "on your plate", "for supper", "for dinner", "for lunch", "for breakfast", "at supper", "at dinner", "in the bowl", "each bowl", "in a bowl of", "ice cream", "on the side", "on the day",
	"on the night", "later on", "goes with", "good with", "great with", "lovely with", "nice with", "good on", "good over", "great on", "great over", "lovely on", "lovely over", "delicious with", "delicious on", "with crackers", "with crusty bread", "on crackers", "with cheese and crackers", "on sandwiches", "on a sandwich", "on biscuits", "on scones", "over pancakes", "over potatoes", "over mashed potatoes", "with cornbread",
	"on pancakes", "serving suggestion", "alongside", "for the plate", "when reheating", "spread on", "on bread", "with roast", "tastes like", "on hot dogs", "in the pan that day", "for the gravy"}

// carrier reports what is eaten with something else, or cooked in a pan for it, once the jars
// are done: "the leftover syrup goes in iced tea", "toss them in a hot pan".
func (p *passage) carrier() bool {
	if p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Canner) || p.hasClass(Acid) || p.c.unit().hasAny(lookingBack) {
		return false
	}
	if p.does("go") && p.says("leftover", "left over", "left - over", "what's left of", "extra") && p.says("in iced tea", "in tea", "in lemonade", "in drinks", "in cocktails", "on pancakes", "on waffles", "over ice cream", "in porridge", "on oatmeal", "in yoghurt", "in yogurt", "on toast", "in the soup pot", "in a glass") {
		return true
	}
	if (p.does("start begin come make") || p.says("takes", "starts", "begins")) && p.says("with these", "with them", "with this", "out of these", "from these", "out of them") && (!p.c.hasNumber() || p.says("takes") && p.says("out of these", "from these")) {
		return true // "the best chili in the county starts with these"
	}
	if p.at.Done && p.does("drain rinse use open") && p.hasClass(Pronoun) && p.forADishOf() {
		return true // "I drain them for pizza"
	}
	return p.does("toss fry saute heat warm drain crisp brown tip dump") && p.c.unit().hasAny([]string{"hot pan", "in a pan", "frying pan", "skillet", "in butter", "griddle", "wok", "under the grill", "on the griddle", "on a plate"}) && !p.c.unit().hasAny([]string{"before", "jars", "pack"})
}

// forADishOf reports what it is for: a dish that is no food of the recipe.
func (p *passage) forADishOf() bool {
	for _, ch := range p.c.chunks() {
		w := &p.c.t[ch.head]
		if ch.prep == "for" && (ch.class == Unknown || ch.class == Food) && w.entry.Noun() == english.NounFood && !p.at.named(w.Text) {
			return true
		}
	}
	return false
}

// lookingBack are words by which a cook returns to what was done before.
var lookingBack = []string{"forgot", "forget", "first", "before", "earlier", "beforehand", "should have said", "meant to say", "by the way", "did i say", "did i mention", "i always add", "also", "too"}

// harmlessFragment reports whether a clause without a frame does nothing: no
// verb, no amount, only things already there.
func (p *passage) harmlessFragment() bool {
	if len(p.c.t) == 0 {
		return true
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.Kind == words.Number || w.isVerb && !w.aux || w.class == Vague || w.m != 0 {
			return false
		}
		if w.class != "" && w.class != Pronoun && w.class != Person && !(w.class == Canner && p.namesPerson()) {
			return false
		}
	}
	return true
}

// namesPerson reports whether somebody is named, by a word that may be a person's.
func (p *passage) namesPerson() bool {
	for i := range p.c.t {
		if w := &p.c.t[i]; w.class == Person || w.class == "" && w.entry.MayPerson() && !w.isVerb {
			return true
		}
	}
	return false
}

// vague returns the code of a clause that puts in what it does not name.
func (p *passage) vague() string {
	if !p.at.Method {
		return ""
	}
	if p.c.hasNumber() && p.says("litre", "liter", "ml", "pint", "quart") && p.says("bottles of", "jars of") {
		return "" // "7 bottles of 1 litre"
	}
	if p.says("tin of", "tins of", "can of", "cans of", "packet of", "packets of", "box of", "carton of", "tub of", "tube of", "bottle of", "bag of", "jar of") && len(p.c.chunks()) > 0 {
		return "unknown-ingredient"
	}
	if p.says("the usual", "the works", "secret ingredient", "special ingredient", "something white", "good stuff", "whatever is left", "a little extra") {
		return "unknown-ingredient"
	}
	return ""
}

// Claims reports whether the reading of the clause settles what a word list would
// take for the act: a weight that comes off a canner whose pressure is gone cools nothing by force.
func (c *Clause) Claims(tag string) bool { return tag == "force-cool" && c.unweighted }

// Boils reports whether something is boiled, cooked or kept.
func (c *Clause) Boils() bool { return c.boils && c.Kind != Talk && c.Kind != Serve }

// Loads reports whether jars go into a canner or boiling water.
func (c *Clause) Loads() bool { return c.loads && c.Kind != Talk && c.Kind != Serve }

var boilVerbs = set("boil cook simmer keep hold leave process heat")

// loadsJars reports whether jars, or "them" once they are closed, go into a
// canner or boiling water.
func (p *passage) loadsJars() bool {
	jars, water := p.at.Closed, false
	for i := range p.c.t {
		switch w := &p.c.t[i]; w.class {
		case Jar, FullJar:
			jars = true
		case Canner:
			water = true
		case Liquid:
			water = water || w.Text == "boiling" || w.Text == "hot"
		}
	}
	return jars && water && p.has(loadVerbs) && !p.says("fill", "cover", "empty", "clean", "sterilize", "sterilise")
}

var loadVerbs = set("put place set lower load stand go lift stack arrange slide drop bung bring")

// Pressed reports whether the clause speaks of pressure; PressureDown whether it says that a
// pressure has gone, or goes by itself.
func (c Clause) Pressed() bool { return c.pressed }

// PressureDown is described at Pressed.
func (c Clause) PressureDown() bool { return c.down }

// Opens reports whether a finished jar is opened in the clause.
func (c *Clause) Opens() bool { return c.opens }

// Jars reports whether the clause speaks of jars or the canner, or the jars are
// closed.
func (c *Clause) Jars() bool { return c.jars }

// InJars reports whether jars or their headspace are named.
func (c *Clause) InJars() bool { return c.inJars }

// Lids reports whether the clause speaks of the lids, bands or rims of jars.
func (c *Clause) Lids() bool { return c.lids }

// Airs reports whether the clause says how long the air is let out of a loaded canner before
// the weight goes on.
func (c *Clause) Airs() bool { return c.airs }

// Steams reports whether the clause measures how long steam streams out.
func (c *Clause) Steams() bool { return c.steams }

// Puts reports whether the clause puts something in, or serves it.
func (c *Clause) Puts() bool { return c.puts2 }

// Denied reports whether the clause only says what something is not.
func (c *Clause) Denied() bool { return c.denied }

// Adds reports whether the clause puts something in.
func (c *Clause) Adds() bool { return c.adds }

// Takes reports whether the clause says with what, or with how much, it is done: "use
// ground beef", "only a teaspoon of lemon". More reports whether it goes on top of what
// there is.
func (c *Clause) Takes() bool { return c.takes }

// More is described at Takes.
func (c *Clause) More() bool { return c.more }

var takeVerbs = set("use take buy make substitute swap work")

// Beside reports whether what the clause names only wipes a rim, or washes or
// holds the food.
func (c *Clause) Beside() bool { return c.beside }

var tableVerbs = set("serve garnish use have eat want need go come")

func (p *passage) besideJar() bool {
	if p.hasClass(Rim) {
		return p.has(washVerbs) || !p.puts() && (p.hasClass(Cloth) || p.hasClass(Acid) || p.says("vinegar", "clean"))
	}
	return p.has(washVerbs) && !p.puts()
}

// washes returns the bytes of what is washed: "wash 35 lb of tomatoes", and of "rinse the
// jars with vinegar" the jars.
func (p *passage) washes() [][2]int {
	var out [][2]int
	for _, v := range p.c.verbIndexes() {
		if !washVerbs[p.c.t[v].verb] {
			continue
		}
		end := v + 1
		for end < len(p.c.t) && p.c.t[end].Kind != words.Mark && !p.c.t[end].isVerb && (!prepositions[p.c.t[end].low] || p.c.t[end].low == "of") {
			end++
		}
		if end > v+1 {
			out = append(out, [2]int{p.c.t[v+1].Start, p.c.t[end-1].End})
		}
	}
	return out
}

var washVerbs = set("wash rinse dip wipe clean")

// Figures reports whether the clause is bare figures: "20 min."
func (c *Clause) Figures() bool { return c.Kind == Doing && c.Why == "figures" }

// Untouched reports whether the clause is talk because it names nothing of the
// trade; Verbless whether it has no verb.
func (c *Clause) Untouched() bool { return c != nil && c.Kind == Talk && c.Why == "nothing touched" }

// Verbless reports whether the clause has no verb.
func (c *Clause) Verbless() bool { return c != nil && len(c.verbs) == 0 }

// VerbAt reports whether the word at the byte of the sentence is a verb there.
func (c *Clause) VerbAt(at int) bool {
	for _, v := range c.verbs {
		if at >= v[0] && at < v[1] {
			return true
		}
	}
	return false
}

// mayGoIn reports whether a word of what is put in may be stuff: English does not
// know it, or knows it as a food, a substance, a plant or an animal.
func mayGoIn(low string) bool {
	if !english.About(low).Known {
		return !units[low] && !neverVerbs[low] && !adverbs[low]
	}
	noun, ok := english.NounBase(low)
	if !ok {
		return false
	}
	e, _ := english.Lookup(noun)
	switch e.Noun() {
	case english.NounFood, english.NounSubstance, english.NounPlant, english.NounAnimal:
		return true
	}
	return false
}

// Absent reports whether what stands at the byte of the sentence is said not to
// be there.
func (c *Clause) Absent(at int) bool {
	for _, v := range c.absent {
		if at >= v[0] && at < v[1] {
			return true
		}
	}
	return false
}

// Washes reports whether what stands at the byte of the sentence is washed.
func (c *Clause) Washes(at int) bool {
	return slices.ContainsFunc(c.washed, func(v [2]int) bool { return at >= v[0] && at < v[1] })
}

// MayBeFood reports whether a word that no list knows, at the byte of the
// clause, may be something that goes in: one that English does not know, or any
// where something is put in.
func (c *Clause) MayBeFood(at int, word string) bool {
	low := strings.ToLower(word)
	if _, ok := english.Plain(low); ok {
		return false
	}
	if joints[low] != 0 || units[low] || neverVerbs[low] || adverbs[low] || harmlessNouns[low] || closed[low] || auxiliary[low] || subjects[low] || strings.ContainsAny(low, "'’") {
		return false
	}
	if before := strings.TrimSpace(c.Text[:min(max(at, 0), len(c.Text))]); c.Negated && (strings.HasSuffix(before, " it") || strings.HasSuffix(before, " them")) {
		return false // "without to squeeze it kaputt"
	}
	for _, n := range c.puts {
		if at >= n[0] && at < n[1] && mayGoIn(low) {
			return true
		}
	}
	if !english.About(low).Known {
		first, _ := firstRune(word)
		return !(at > 0 && first >= 'A' && first <= 'Z')
	}
	return false
}

// Canners reports whether a canner is named.
func (c *Clause) Canners() bool { return c.canners }
