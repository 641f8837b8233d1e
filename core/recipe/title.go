package recipe

import (
	"slices"
	"strings"

	"damson/core/food"
	"damson/core/pattern"
	"damson/core/words"
)

// TitleSaid is the title without what it says the recipe is not, "(the beans whole,
// not the dip!)", without what it takes back: "chili: no wait, plain ground elk", and
// without what any title here could say: "Canned chicken".
func TitleSaid(title string) string {
	if m := corrected.FindStringIndex(title); m != nil {
		title = title[m[1]:]
	}
	return canned.ReplaceAllString(denied.ReplaceAllString(title, ""), "")
}

// TitleNames is the sentence of a title that names what is made: "Beets, pickled. This is the one
// from the church supper!" is pickled beets, and no supper.
func (r *Reader) TitleNames(title string) string {
	if list := Sentences(title); len(list) > 1 {
		for _, s := range list {
			if !strings.HasSuffix(s, "?") && r.foodAnywhere(words.Split(s)) {
				return s
			}
		}
	}
	return title
}

var (
	denied    = pattern.MustCompile(`(?i)[(,;–—-]\s*(but )?(not|no|without|never) [^,;()]*`)
	canned    = pattern.MustCompile(`(?i)^(home[- ]?)?(canned|bottled|jarred|put[- ]up|pressure[- ]canned) `)
	corrected = pattern.MustCompile(`(?i)\b(no,? wait|no,? sorry|sorry,|I mean),? |\? (?:no|nope|nah|not quite)[,.!]? `)
)

// headline is the sentence of a first line that names what is made, and what stands
// behind it: "Okay, the potato thing. I know." A name that is asked and denied, "Apple
// butter? No. Applesauce.", is none.
func (r *Reader) headline(line string) (title, rest string, ok bool) {
	list := Sentences(stripBullet(line))
	if len(list) < 2 {
		return "", "", false
	}
	for i := 0; i < len(list) && i < 4; i++ {
		s := list[i]
		if strings.HasSuffix(s, "?") && i+2 < len(list) && refusal.MatchString(list[i+1]) {
			i++
			continue
		}
		if t, rest, ok := r.meantInstead(line, list, i); ok {
			return t, rest, true
		}
		if notThis.MatchString(s) && i+1 < len(list) {
			for i+2 < len(list) && !r.foodAnywhere(words.Split(list[i+1])) {
				i++ // "Summer squash: no. Don't ask me. This is winter squash."
			}
			continue
		}
		t, fits := r.title(strings.TrimRight(s, ".!;? "))
		if fits && len(strings.Fields(s)) <= 9 && r.foodAnywhere(words.Split(t)) && !r.method.Shape(t).Order {
			return t, strings.TrimSpace(line[strings.Index(line, s)+len(s):]), true
		}
		if i == 0 && !strings.HasSuffix(s, "?") {
			return "", "", false
		}
	}
	return "", "", false
}

var notThis = pattern.MustCompile(`(?i)^[^:?.!]{2,30}: (?:no|nope|never)[.!]*$`)

// meantInstead is the title behind a question that answers itself with no.
func (r *Reader) meantInstead(line string, list []string, i int) (title, rest string, ok bool) {
	if i+1 >= len(list) || !strings.HasSuffix(list[i], "?") {
		return "", "", false
	}
	m := refusedFor.FindStringSubmatch(strings.TrimRight(list[i+1], ".!; "))
	if m == nil || !r.foodAnywhere(words.Split(m[1])) {
		return "", "", false
	}
	t, fits := r.title(m[1])
	return t, strings.TrimSpace(line[strings.Index(line, list[i+1])+len(list[i+1]):]), fits && len(strings.Fields(t)) <= 9
}

// refusedFor is the name that is meant, behind the one that is not: "Chow-chow? No: pickle relish."
var refusedFor = pattern.MustCompile(`(?i)^(?:no|nope|nah|hardly|not quite|never)[,:;–—-]+ ?(?:just |this is ` +
	`|it's |wait )*(\pL.+)$`)

var refusal = pattern.MustCompile(`(?i)^(no|nope|nah|not that|never|not quite)[.!,]*$`)

// subjectLine is the name of what is made on the line that a letter has for it: "RE:
// corn", "Subject: Re: asparagus??".
func (r *Reader) subjectLine(rec *Recipe, line string) (string, bool) {
	m := subject.FindStringSubmatch(line)
	if m == nil || !onlyNotes(rec.Lines) || len(strings.Fields(m[2])) > 14 {
		return "", false
	}
	title := strings.TrimSpace(reply.ReplaceAllString(m[2], ""))
	return title, r.foodAnywhere(words.Split(title)) && (rec.TitleLine == 0 || r.names(rec.Title) == 0)
}

var subject = pattern.MustCompile(`(?i)^(re|subject|subj|about|concerning)\s*:\s*(.+)$`)

// anyOf are words for any food of a group; the title says which one it is.
var anyOf = map[string]string{
	"berry": "berry", "greens": "leafy-green", "game": "red-meat", "fish": "seafood", "fruit": "fruit",
}

// lists reports whether a line names the food.
func (rec *Recipe) lists(f *food.Food) bool {
	return slices.ContainsFunc(rec.Lines, func(l *Line) bool { return l.Ref == f })
}

// generic gives a line that says "berries" the berry of the title, where no other line has it.
func (r *Reader) generic(rec *Recipe) {
	for _, l := range rec.Lines {
		group := anyOf[l.Food]
		if whole := r.longerName(rec, l); whole != nil {
			l.Ref, l.Food = whole, whole.Names[0]
			l.refID()
			l.weigh()
			continue
		}
		if l.Kind != Ingredient || l.Ref != nil && l.Ref.ID != "fish" || group == "" {
			continue
		}
		if named := r.ofGroup(rec.Title, group); named != nil && len(l.State) == 0 && !rec.lists(named) {
			l.Ref, l.Food, l.Unread = named, named.Names[0], nil
			if l.Reading == Unclear {
				l.Reading, l.Problem = Understood, ""
			}
			l.refID()
			l.weigh()
		}
	}
}

// ofGroup is the one food of the group that the words name, in a compound too:
// "strawberry jam".
func (r *Reader) ofGroup(title, group string) *food.Food {
	var found *food.Food
	t := words.Split(title)
	for i := 0; i < len(t); i++ {
		s, n := r.line.at(t, i)
		f := r.foods.ByName(t[i].Text)
		if n > 0 && s.kind == foodName && ofGroup(s.food, group) {
			f = s.food
			i += n - 1
		}
		if f == nil || f == found || !ofGroup(f, group) {
			continue
		}
		if found != nil {
			return nil
		}
		found = f
	}
	return found
}

// ofGroup reports whether the food is one of the group; a tomato is called a fruit too.
func ofGroup(f *food.Food, group string) bool {
	return f.In(group) || group == "fruit" && (f.Kind == "fruit" || f.In("tomato"))
}

// asPicked reports a line that says nothing of its food but that it is fresh, and its ends are off.
func (r *Reader) asPicked(l *Line) bool {
	ends := func(prep string) bool { return prep == "trimmed" || prep == "rinsed" }
	fresh := func(state string) bool { return state == "fresh" }
	return !slices.ContainsFunc(l.Prep, func(s string) bool { return !ends(s) }) &&
		!slices.ContainsFunc(l.State, func(s string) bool { return !fresh(s) })
}

// outOfPod are beans of which only the seeds are kept.
var outOfPod = pattern.MustCompile(`(?i)shell|shuck|hull|husk|pod|dried|dry\b`)

// longerName is the food of the title whose name ends with the line's word: green beans,
// where the line says "9 lb beans".
func (r *Reader) longerName(rec *Recipe, l *Line) *food.Food {
	if l.Kind != Ingredient || l.Ref == nil || l.AmountMin == nil || l.Food != "bean" && l.Food != "pea" ||
		!r.asPicked(l) ||
		outOfPod.MatchString(l.Text) {
		return nil
	}
	if snap := r.foods.ByID("snap-bean"); l.Food == "bean" && l.HasPrep("trimmed") && !rec.lists(snap) {
		return snap
	}
	t := words.Split(TitleSaid(rec.Title))
	for i := range t {
		if s, n := r.line.at(t, i); n > 1 && s.kind == foodName && s.food != nil && t[i+n-1].Text == l.Food {
			if slices.ContainsFunc(rec.Lines, func(x *Line) bool { return x.Ref == s.food }) {
				return nil // listed already: this is another
			}
			return s.food
		}
	}
	return nil
}
