package recipe

import (
	"slices"
	"strconv"
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/words"
)

// remarks cuts off what an ingredient line says beside its ingredient: "ours was
// a cross-rib roast", "take it out before filling". A part whose words are all
// foods, forms and states stays; what stays is returned with the remarks.
func (r *Reader) remarks(body string, t []words.Token) (core string, said []string) {
	var b strings.Builder
	named, spoils := false, false
	for _, part := range parts(body, t) {
		trimmed := strings.Trim(part, " ,;:()-–—.!")
		if trimmed != "" && named && r.remarked(trimmed, spoils) {
			said = append(said, trimmed)
		} else {
			b.WriteString(part)
		}
		if t := words.Split(trimmed); trimmed != "" && !named {
			named, spoils = r.foodAhead(t, 0) || r.foodAnywhere(t), !r.softens(t)
		}
	}
	return strings.TrimSpace(strings.TrimRight(b.String(), " ,;-–—")), said
}

// remarked reports a part behind the food that says something of its own and is no part of its name.
func (r *Reader) remarked(part string, spoils bool) bool {
	if !r.ofTheLine(part) || instead(part) {
		return true
	}
	t := words.Split(part)
	return spoils && unsoundAhead(t) && !r.foodAnywhere(t)
}

// parts cuts a line where a writer breaks off: at brackets, commas, dashes and full stops. Joined
// again they are the line.
func parts(body string, t []words.Token) (all []string) {
	start, depth := 0, 0
	cut := func(end int) { all, start = append(all, body[start:end]), end }
	for i := range t {
		switch {
		case t[i].Kind != words.Mark:
		case t[i].Text == "(":
			if depth == 0 {
				cut(t[i].Start)
			}
			depth++
		case t[i].Text == ")":
			depth = max(depth-1, 0)
			if depth == 0 {
				cut(t[i].End)
			}
		case depth == 0 && breaksOff(t, i):
			cut(t[i].Start)
		}
	}
	cut(len(body))
	return all
}

// breaksOff reports a mark that ends a part of a line: a comma, a spaced or long dash, a full stop that
// ends no abbreviation and no number.
func breaksOff(t []words.Token, i int) bool {
	switch t[i].Text {
	case ",", ";", "—", "!":
		return true
	case "-":
		spaced := i > 0 && t[i-1].End < t[i].Start && i+1 < len(t) && t[i+1].Start > t[i].End
		return (spaced || strings.ContainsAny(t[i].Raw, "–—")) && i > 0 && t[i-1].Kind != words.Number
	case ".":
		return i+1 < len(t) && i > 0 && !abbreviations[t[i-1].Text] && unitAt(t, i-1).n == 0
	}
	return false
}

func (r *Reader) foodAnywhere(t []words.Token) bool {
	for i := range t {
		if r.foodAt(t, i) {
			return true
		}
	}
	return false
}

// softens reports a food that may be soft and none the worse: butter, cheese, brown sugar.
func (r *Reader) softens(t []words.Token) bool {
	for i := range t {
		if s, n := r.line.at(t, i); n > 0 && s.food != nil && (s.food.Kind == "fat" || s.food.Kind == "dairy" || s.food.Kind == "sweetener") {
			return true
		}
	}
	return false
}

// ofTheLine reports whether the part belongs to the ingredient: its words are
// foods, forms, states, amounts, or it holds an amount of a food of its own.
func (r *Reader) ofTheLine(part string) bool {
	t, folded := words.Split(part), words.FoldPhrase(part)
	if ruined(part, t) {
		return false
	}
	if r.surelyOfIt(t, folded) {
		return true
	}
	unknown, odd, food, number, form := 0, "", false, false, false
	for i := 0; i < len(t); {
		if t[i].Kind != words.Word {
			number = number || t[i].Kind == words.Number
			i++
			continue
		}
		s, n := r.line.at(t, i)
		if n == 0 {
			if unitAt(t, i).n > 0 || sizeWords[t[i].Text] || colours[t[i].Text] || english.NumberWord(t[i].Text) != 0 ||
				measureWords[t[i].Text] || len(t[i].Text) == 1 || vagueWords[t[i].Text] {
				i++
				continue
			}
			unknown, odd = unknown+1, t[i].Raw
			i++
			continue
		}
		food = food || s.kind == foodName
		form = form || s.kind == prepWord
		i += n
	}
	return unknown == 0 || form && unknown <= 1 && !r.treated(odd) && r.method.Shape(part).Words <= 4 || food && number && unknown <= 1 || food && len(t) <= 3 && unknown <= 1 && r.method.Shape(part).Verbs == 0
}

// surelyOfIt reports what is for the table, or a food for its looks: "red bells for looks".
func (r *Reader) surelyOfIt(t []words.Token, folded string) bool {
	if last := len(t) - 1; last > 0 && last < 5 && meantFor[t[last].Text] && r.foodAhead(t, 0) {
		return true
	}
	return slices.ContainsFunc(servingPhrases, func(phrase []string) bool {
		return strings.Contains(folded, strings.Join(phrase, " "))
	})
}

// meantFor are what a little of a food goes in for, and what changes nothing.
var meantFor = set("looks color colour show prettiness luck contrast fun beauty appearance")

// remark reads what stands beside an ingredient. What touches nothing is talk; a
// thing done is a step.
func (r *Reader) remark(l *Line, text string) {
	st := r.StepAt(l.No, text, inMethod)
	if l.Ref.In("vinegar", "weak-vinegar") {
		l.strengthIn(text)
	}
	t := words.Split(text)
	if l.Ref != nil && r.spoils(st, text, t) {
		l.Unread = append(l.Unread, text)
		return
	}
	if l.orElse(t) {
		return
	}
	if st.Talk && len(st.Unread) == 0 {
		if ofSomething(t) {
			l.Unread = append(l.Unread, text) // "4 cups onions, 3 cups bells"
		}
		return
	}
	if l.AmountMin != nil && !l.Ref.In("vinegar", "weak-vinegar", "bottled-citrus", "citrus-juice", "citric-acid") && mannerRemark.MatchString(text) {
		return // "not too much of it"
	}
	if len(st.Foods) == 1 && l.Ref != nil && st.Foods[0].Food == l.Ref && len(st.Acts) == 0 && !telling(text) {
		return // the food again, by another name
	}
	if r.variety(l, text) {
		return
	}
	l.Remarks = append(l.Remarks, st)
}

// spoils reports a remark of a treatment that nobody knows, of food from a tin, or of one that is ruined.
func (r *Reader) spoils(st *Step, text string, t []words.Token) bool {
	if onesFed.MatchString(text) {
		return false // "bigger ones are woody and went to the goats"
	}
	return st.Talk && len(st.Unread) == 0 && r.treated(text) || len(st.Acts) == 0 && fetched(t) || ruined(text, t)
}

// onesFed are those that go elsewhere.
var onesFed = pattern.MustCompile(`(?i)^(?:the |any )?(?:\pL+ )?ones (?:are|were|is|go|went) [^,;()]*\b(?:went` +
	`|go|goes|going) to (?:the|our|my) ` +
	`(?:goats?|hens|chickens|chooks|pigs?|cows?|horses?|rabbits|ducks|geese|sheep|compost|dogs?)$`)

// ofSomething reports an amount by measure with a word behind it that names what is measured, though
// nobody knows it.
func ofSomething(t []words.Token) bool {
	v, n := english.Number(t, 0)
	if n == 0 || v <= 0 {
		return false
	}
	u := unitAt(t, n)
	if u.n == 0 || u.unit.Dimension() != quantity.Volume && u.unit.Dimension() != quantity.Mass {
		return false
	}
	k := n + u.n
	if k < len(t) && t[k].Text == "of" {
		k++
	}
	return k < len(t) && t[k].Kind == words.Word && !besideAmount[t[k].Text]
}

// besideAmount are words behind a measure that name nothing: "2 cups at a time".
var besideAmount = set("to at for per each a an the in if or and from by on as is was are were more less extra total left over " +
	"apiece altogether all every when after before with without worth about if then so goes went makes made did does " +
	"do will would should can could i we you it that this they which what")

// strengthIn takes the weakest strength that the text gives: "(4 percent acidity)", "(5%, or
// the 3% if that is all there is)".
func (l *Line) strengthIn(text string) {
	for _, m := range english.MeasuresOf(text) {
		if m.Kind == english.Percent {
			l.strength(m.Min)
		}
	}
	if g := grain.FindStringSubmatch(text); g != nil {
		v, _ := strconv.ParseFloat(g[1], 64)
		l.strength(v / 10)
	}
}

// grain is the trade's measure of vinegar: 40 grain is 4 percent (common practice, no source).
var grain = pattern.MustCompile(`(?i)\b(\d{2,3})[- ]?grain\b`)

// hedged is a strength that is none: "not quite 5%", "5 percent or so". The part is asked
// about.
var hedged = pattern.MustCompile(`(?i)\b(quite|under|below|less than|almost|nearly|about|around|roughly|maybe|perhaps|hardly|close to|up to|i think|i believe)\s+(the\s+)?([\d.]+|three|four|five)\s*(%|per ?cent|grain)|(%|per ?cent|grain)\W+(acidity\W+|acid\W+)?(i think|i believe|i guess|i hope|or so|or less|or thereabouts|ish|maybe|perhaps)\b`)

// strength takes a percentage as the vinegar's, where it may be one; of two the weaker.
func (l *Line) strength(percent float64) {
	const strongest = 35 // above it, it is of something else
	if percent <= strongest && (l.Acidity == nil || percent < *l.Acidity) {
		l.Acidity = &percent
	}
}

// variety reports whether the remark only names kinds of the line's fruit or
// vegetable: "(Stayman, York, some Grimes)". Each word is a name that no food has.
func (r *Reader) variety(l *Line, text string) bool {
	if l.Ref == nil || l.Ref.Kind != "fruit" && l.Ref.Kind != "vegetable" && l.Ref.Kind != "meat" {
		return false
	}
	t := words.Split(text)
	names := 0
	for i := range t {
		switch w := t[i]; {
		case r.foodAt(t, i) && !r.sameFood(t, i, l), w.Kind == words.Number:
			return false
		case w.Kind == words.Mark, smallWords[w.Text]:
		case w.Raw[0] >= 'A' && w.Raw[0] <= 'Z' || len(t) == 1 && !english.Known(strings.ToLower(w.Raw)):
			names++
		default:
			return false
		}
	}
	return names > 0 && len(t) <= 12
}

var smallWords = set("and or some a few mostly mainly the mine were are is mixed with half all")

// mannerRemark says of what is listed that it is not too much, too hot or too large.
var mannerRemark = pattern.MustCompile(`(?i)^\W*not (too|so|very|over) (much|many|hot|large|big|small|thick|thin|long)\b[^,;]*$`)

// sameFood reports whether the name at i is one of the line's own food.
func (r *Reader) sameFood(t []words.Token, i int, l *Line) bool {
	s, n := r.line.at(t, i)
	return n > 0 && s.food != nil && (s.food == l.Ref || len(l.Ref.Groups) > 0 && s.food.In(l.Ref.Groups...))
}

// telling reports whether the words hold a number, or one that says more than a name.
func telling(text string) bool {
	for _, w := range words.Split(text) {
		if w.Kind == words.Number || method.Telling(w.Text) || english.NumberWord(w.Text) != 0 || w.Text == "and" ||
			w.Text == "plus" {
			return true
		}
	}
	return false
}
