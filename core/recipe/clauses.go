package recipe

import (
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/words"
)

// Ask is a clause that could not be read whole: it is asked about in the cook's
// words.
type Ask struct {
	Text string `json:"text"`
	// Code is what it may be about, "" where it may be anything.
	Code string `json:"code,omitempty"`
	// Doubt is the code by which a procedure may say that the question is needless.
	Doubt string `json:"-"`
	// Like is true where only its likeness to what went wrong before is why it is asked.
	Like bool `json:"-"`
}

// StepAt reads one sentence of a method where it stands.
func (r *Reader) StepAt(no int, text string, at method.Where) *Step {
	st := r.listed(no, text)
	st.Clauses = r.method.Read(text, at)
	r.settle(st)
	return st
}

// boilsDown is a pot that loses water: "boil it down by half".
var boilsDown = pattern.MustCompile(`(?i)\b(boil|cook|simmer)(s|ed|ing)? (it|them|this|that|the \pL+|everything|the lot|the whole lot) (right |well |way |all )*down\b`)

// heatReduced is the heat, which nobody names: "reduce and simmer".
var heatReduced = pattern.MustCompile(`(?i)^reduce(?:,| and|, and)? (?:then |let |to a |it )*simmer`)

// thickPart is what is thick of a piece of food, and no sauce.
var thickPart = pattern.MustCompile(`(?i)^ (ends?|stems?|stalks?|ribs?|skins?|skinned|walled|walls?|fleshed` +
	`|meated|(\pL+ )?rinds?|slices?|rounds?|coins?|rings?|sticks?|spears?)\b`)

// asThickAs is what a slice measures.
var asThickAs = pattern.MustCompile(`(?i)(\d|¼|½|¾|⅛|inch(es)?|in\.|cm|mm|"|finger|pencil|penny) *$`)

// cutAs and asThing compare a slice with a thing: "shred it as thick as a quarter coin", but not "slice and
// simmer till as thick as tar".
var (
	cutAs = pattern.MustCompile(`(?i)\b(?:shred\w*|slic\w*|cut\w*|chop\w*|grat\w*|shav\w*)\b` +
		`(?: [^.;:,]*)? (?:about |roughly |just )?as $`)
	cookedTill = pattern.MustCompile(`(?i)\b(?:cook|boil|simmer|stew|reduce|heat|stir|till|until|mash|blend)`)
	asThing    = pattern.MustCompile(`(?i)^ as (?:an? |the |your |my |two |one )?(?:old |little |big |pound |silver )?` +
		`(?:quarters?|coins?|penn(?:y|ies)|nickels?|dimes?|pence|pencils?|fingers?|thumbs?|matchsticks?|cards?|rulers?` +
		`|match(?:es)?|straws?|boards?|spoon handles?|pinky|pinkie|half dollars?)\b`)
)

// notThat reports a word that is not the act that it looks like: "slice 3/16 thick", "a blend of tart and
// sweet apples", "discard the dry pulp", "green and wax", "so that steam can flow".
func notThat(st *Step, a Act, c *method.Clause) bool {
	before, behind := st.Text[:a.At], st.Text[a.At+len(a.Text):]
	switch {
	case a.Tag == "reduce" && strings.EqualFold(a.Text, "thick"):
		return asThickAs.MatchString(before) || thickPart.MatchString(behind) ||
			asThing.MatchString(behind) && cutAs.MatchString(before) && !cookedTill.MatchString(cutAs.FindString(before))
	case a.Tag == "no-process":
		return strings.HasPrefix(strings.ToLower(a.Text), "open") && discouraged.MatchString(behind)
	case a.Tag == "steam-canner":
		return steamCan.MatchString(st.Text[a.At:])
	case a.Tag == "wax":
		return waxBean.MatchString(before) || beanBehind.MatchString(behind)
	case a.Tag != "puree" || c == nil:
		return false
	case strings.EqualFold(a.Text, "pulp") && ripePulp.MatchString(before):
		return true
	case strings.EqualFold(a.Text, "pulp"):
		return (c.Does("discard") || c.Does("discard-liquid")) && !inPart.MatchString(c.Text)
	}
	return !c.VerbAt(a.At) && blendOf.MatchString(st.Text[a.At:])
}

// notMeant reports what is not done to the jar.
func notMeant(k method.ClauseKind) bool { return k == method.Talk || k == method.Serve }

// isGone reports a thing that is taken off.
func isGone(st *Step, g Generic) bool {
	return takenOff.MatchString(st.Text[min(len(st.Text), g.At+len(g.Name)):])
}

// takenOff says behind a thing that it is gone: "most of the meat removed".
var takenOff = pattern.MustCompile(`(?i)^ (?:has been |have been |is |was )?(?:removed|taken off|cut off` +
	`|trimmed off)\b`)

// discouraged is what a handbook says of a way that is none: "open-kettle canning is not recommended".
var discouraged = pattern.MustCompile(`(?i)^(?: canning| method)? (?:is|are) (?:not|no longer` +
	`|never) (?:recommended|safe|advised)\W*$|^(?: canning| method)? is (?:unsafe|dangerous)\W*$`)

// steamCan is steam that can do something, and no canner.
var steamCan = pattern.MustCompile(`(?i)^steam can (?:flow|circulate|escape|get|reach|move|burn|rise|be|come` +
	`|build|pass|scald)\b`)

// A wax bean is yellow, and no wax: "green and wax".
var (
	waxBean    = pattern.MustCompile(`(?i)\b(?:green|yellow|snap|string|italian)(?:,| and| or|,? ?/| &) ?$`)
	beanBehind = pattern.MustCompile(`(?i)^ beans?\b`)
)

// ripePulp is the flesh of what grows: "stringless, mature pulp".
var ripePulp = pattern.MustCompile(`(?i)\b(mature|firm|stringless|juicy|ripe) $`)

// inPart says that not all of it is meant.
var inPart = pattern.MustCompile(`(?i)\b(half|some|part|most|rest|any|if|into|keep|save)\b`)

// blendOf is what is bought or picked together, and no mass.
var blendOf = pattern.MustCompile(`(?i)^blends? of\b`)

// settle lays the reading of the clauses over what the word lists found: talk
// says nothing, what is for the table leaves the jar alone, and a clause that
// was not read is asked about as a whole.
func (r *Reader) settle(st *Step) {
	kind := func(at int) (method.ClauseKind, *method.Clause) {
		for i := range st.Clauses {
			if c := &st.Clauses[i]; at >= c.Start && at < c.End {
				return c.Kind, c
			}
		}
		return method.Doing, nil
	}
	acts := st.Acts[:0]
	for _, a := range st.Acts {
		k, c := kind(a.At)
		if a.Tag == "crush" && c != nil && strings.HasSuffix(strings.ToLower(a.Text), "crushed") && !c.VerbAt(a.At) && k == method.Doing && len(st.Foods) > 0 && follows(st, a, "antibrowning", "dry-seasoning", "garlic") {
			continue // "a crushed vitamin C tablet"
		}
		if notThat(st, a, c) {
			continue
		}
		if a.Tag == "reduce" && heatReduced.MatchString(st.Text[a.At:]) {
			continue // "bring to a boil, reduce, simmer 3 min"
		}
		if a.Tag == "half-solids" && halfWay.MatchString(a.Text) && (otherHalf.MatchString(st.Text[a.At:]) || !halfOfJar.MatchString(st.Text[max(0, a.At-60):min(len(st.Text), a.At+40)])) {
			continue // "half way through I stir it"
		}
		if c != nil && c.Denied() && (a.Tag == "puree" || a.Tag == "thicken" || a.Tag == "reduce") {
			continue // "this is not the creamy kind"
		}
		if a.Tag == "thicken" && c != nil && c.Absent(a.At) || k == method.Talk && !(c.Untouched() && !softActs[a.Tag]) || k == method.Serve && !tableActs[a.Tag] || k == method.Doing && c != nil && (c.Claims(a.Tag) || c.Early && a.Tag == "force-cool") {
			continue
		}
		acts = append(acts, a)
	}
	for i := range st.Clauses {
		c := &st.Clauses[i]
		if c.Kind != method.Doing && c.Kind != method.Unread {
			continue
		}
		for _, a := range c.Acts {
			tag := actTags[a.Name]
			if a.Undone {
				tag = undoneTags[a.Name]
			}
			if tag != "" && !has2(acts, tag, c) {
				acts = append(acts, Act{tag, a.Verb, c.Start})
			}
		}
		if !c.Negated && boilsDown.MatchString(c.Text) && !has2(acts, "reduce", c) {
			acts = append(acts, Act{"reduce", boilsDown.FindString(c.Text), c.Start})
		}
	}
	st.Acts = acts
	foods := st.Foods[:0]
	for _, m := range st.Foods {
		k, c := kind(m.At)
		if k == method.Talk || verbLike(m, c) {
			continue
		}
		m.Serving = k == method.Serve
		if c != nil && !m.Excepted {
			m.Without = c.Absent(m.At)
		}
		m.Added, m.Taken, m.More = c != nil && c.Adds(), c != nil && c.Takes(), c != nil && c.More()
		m.Put, m.Beside = c != nil && c.Puts(), c != nil && aside(c, m)
		foods = append(foods, m)
	}
	st.Foods = foods
	generics := st.Generics[:0]
	for _, g := range st.Generics {
		if k, _ := kind(g.At); notMeant(k) || isGone(st, g) {
			continue
		}
		generics = append(generics, g)
	}
	st.Generics = generics
	unread := st.Unread[:0]
	for _, u := range st.unread {
		k, c := kind(u.at)
		if k == method.Talk || k == method.Serve || c != nil && (!c.MayBeFood(u.at-c.Start, u.word) || c.Does("de-bubble")) || r.method.Tool(u.word) || words.Vessel(u.word) || doneAgain(u.word) || notDone(u.word) {
			continue
		}
		unread = append(unread, u.word)
	}
	st.Unread = unread
	doing, serving := false, false
	for i := range st.Clauses {
		c := &st.Clauses[i]
		switch c.Kind {
		case method.Unread:
			st.Asks = append(st.Asks, Ask{strings.TrimSpace(c.Text), c.Code, c.Doubt, c.Why == method.Likeness})
			doing = true
		case method.Doing:
			doing = true
		case method.Serve:
			serving = true
		}
	}
	st.Talk = !doing && !serving && len(st.Clauses) > 0
	st.Serving = serving && !doing
}

// verbLike reports a food that is none, but what is done, or a day: "sprinkle", "date the lids".
func verbLike(m Mention, c *method.Clause) bool {
	if strings.EqualFold(m.Text, "sprinkle") || c != nil && c.VerbAt(m.At) {
		return true
	}
	return m.Food.ID == "date" && strings.EqualFold(m.Text, "date") && c != nil && !c.Puts()
}

// aside reports a food that does not go in where it is named.
func aside(c *method.Clause, m Mention) bool {
	return c.Beside() && !c.Washes(m.At) || keptFor(c, m) || asShape(c, m)
}

// asShape reports what ground meat is shaped into, and not what goes in: "shape it into patties or meatballs".
func asShape(c *method.Clause, m Mention) bool {
	at := m.At - c.Start
	return m.Food.ID == "meatball" && at > 0 && at <= len(c.Text) && shapedInto.MatchString(c.Text[:at])
}

var shapedInto = pattern.MustCompile(`(?i)\b(?:shape|form|roll|make|pat|press|mou?ld)(?:s|ed|ing)?\b[^,;.]* ` +
	`(?:into|as) (?:\pL+,? ){0,5}$`)

// keptFor reports what something is kept for, and not what is canned: "save the juice for jelly".
func keptFor(c *method.Clause, m Mention) bool {
	at := keptWith.FindStringIndex(c.Text)
	return at != nil && c.Start+at[1] <= m.At && !namesJar(words.Split(c.Text))
}

var keptWith = pattern.MustCompile(`(?i)^\W*(?:then )?(?:save|keep|reserve|set aside|freeze) (?:the |any ` +
	`|all |that |this )*(?:\pL+ )?(?:juice|liquid|syrup|water|broth|peel|peelings|skins|cores|trimmings|pulp|fat` +
	`|bones) for `)

// actTags are the acts of the frames under the tags that the rules look for;
// undoneTags those of acts that are said not to be done.
var (
	actTags = map[string]string{"puree": "puree", "mash": "puree", "crush": "crush", "thicken": "thicken", "peel": "peel", "soak": "soak", "fry": "fry", "invert": "invert", "no-process": "no-process", "self-seal": "self-seal",
		"vacuum-seal": "no-process", "oven-process": "oven", "cooker-process": "cooker", "force-cool": "forced", "wax-seal": "wax", "below-boil-hold": "below-boil", "dishwasher-process": "odd-process",
		"microwave": "odd-process", "sun": "odd-process", "top-up-time": "top-up", "grind": "grind", "grate": "grate"}
	undoneTags = map[string]string{"peel": "unpeeled", "soak": "no-soak", "vent": "no-vent"}
)

func has2(acts []Act, tag string, c *method.Clause) bool {
	for _, a := range acts {
		if a.Tag == tag && a.At >= c.Start && a.At < c.End {
			return true
		}
	}
	return false
}

// follows reports whether a food of one of the groups is the next one named behind
// the act.
func follows(st *Step, a Act, groups ...string) bool {
	for _, m := range st.Foods {
		if m.At > a.At {
			return m.Food.In(groups...)
		}
	}
	return false
}

// softActs are what harmless words may look like in a clause that touches nothing:
// "crush the boxes flat", "he simmered down".
var softActs = map[string]bool{"crush": true, "reduce": true, "roast": true, "fry": true, "mix": true, "lessen": true, "force-cool": true, "thicken": true, "brown": true, "oven-word": true, "odd-heat": true, "invert": true}

// tableActs keep their meaning in a clause for the table.
var tableActs = map[string]bool{"serve": true, "open-jar": true}

// unreadWord is a word that no list knows, by its byte in the sentence.
type unreadWord struct {
	word string
	at   int
}

// plainEnglish reports whether the word is English and no food.
func plainEnglish(word string) bool {
	low := strings.ToLower(word)
	if words.Vessel(low) || doneAgain(low) || notDone(low) {
		return true
	}
	if !english.Known(low) {
		return false
	}
	noun, ok := english.NounBase(low)
	if !ok {
		return true
	}
	e, _ := english.Lookup(noun)
	return e.Noun() != english.NounFood || e.Verb() != 0 || words.Fold(low) == ""
}

// doneAgain reports a verb that says to do once more: "rewash".
func doneAgain(word string) bool {
	verb, again := strings.CutPrefix(word, "re")
	if !again || len(verb) < 4 {
		return false
	}
	_, ok := english.VerbBase(verb)
	return ok
}

// notDone reports a participle that says of produce what was left alone and changes nothing:
// "unhusked", "uncracked". What must be done to food or jars is none of them.
func notDone(word string) bool {
	part, not := strings.CutPrefix(word, "un")
	if !not {
		return false
	}
	base, ok := english.VerbBase(part)
	return ok && base != part && leftAlone[base]
}

var leftAlone = set("husk shuck crack blemish bruise damage split sweeten salt season flavor flavour color colour wax spray treat open ripen")

// "Half way" is of the jar only where the jar, or what fills it, is spoken of.
var (
	halfWay   = pattern.MustCompile(`(?i)^half[ -]?way$`)
	otherHalf = pattern.MustCompile(`(?i)^half[ -]?way\s+(through|along|done|there|cooked|between|down|into)`)
	halfOfJar = pattern.MustCompile(`(?i)\b(jars?|pints?|quarts?|fill|fills|filled|filling|solids?|ladle|pack|packed|spoon)\b`)
)
