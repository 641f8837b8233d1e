package recipe

import (
	"slices"
	"strings"

	"damson/core/pattern"
)

// qualify reads what a line says of its ingredient besides what and how much:
// that it may be left out, that a vinegar is weak, that an acid never enters the
// jar, that there may be more of it.
func (r *Reader) qualify(l *Line, text string) {
	if m := maybe.FindStringIndex(text); m != nil && !l.onlyLast(text[:m[0]], text[m[0]:m[1]], text[m[1]:]) {
		l.Optional = true
	}
	l.acidOpen(text)
	l.leavesOpen(text)
	if skinsOn.MatchString(text) && !l.HasPrep("unpeeled") {
		l.Prep = append(slices.DeleteFunc(l.Prep, func(p string) bool { return p == "peeled" }), "unpeeled")
	}
	if struck.MatchString(text) {
		l.Serving, l.Struck = true, true
	}
	if leftOut.MatchString(text) && len(l.Also)+len(l.Alternatives) == 0 {
		l.Serving, l.Struck, l.Unread = true, true, nil
	}
	if orMore.MatchString(text) && l.AmountMin != nil {
		l.Reading = Unclear
		if l.Problem == "" {
			l.Problem = "“or more” is no amount; write the most that goes in"
		}
	}
	r.ofItsKind(l, text)
	if l.Ref.In("citrus-juice") && !l.Ref.In("bottled-citrus") && fromBottle.MatchString(text) &&
		!freshly.MatchString(text) {
		if f := r.foods.ByID("bottled-" + l.Ref.ID); f != nil {
			l.Ref = f
			l.refID()
		}
	}
	for _, x := range append([]*Line{l}, l.Also...) {
		switch {
		case x.Ref.In("vinegar") && weakly.MatchString(text):
			x.Ref, x.Acidity = r.foods.ByID("homemade-vinegar"), nil
			x.refID()
		case x.Ref.In("bottled-citrus") && freshly.MatchString(text):
			if f := r.foods.ByID(map[string]string{"bottled-lime-juice": "lime-juice"}[x.Ref.ID]); f != nil {
				x.Ref = f
			} else {
				x.Ref = r.foods.ByID("lemon-juice")
			}
			x.refID()
		}
		if x.Ref.In("bottled-citrus", "citrus-juice", "citric-acid", "vinegar", "weak-vinegar") {
			if m := elsewhere.FindString(text); m != "" {
				x.Unread = append(x.Unread, m)
			}
		}
	}
}

// onlyLast reports that the first of the line may not be left out: it is insisted on, or what may be is
// the last of several with amounts of their own, "2 Tbsp lemon juice in each quart, 1 tsp salt if you
// want"; behind a comma it may mean them all.
func (l *Line) onlyLast(before, said, after string) bool {
	if insisted.MatchString(before + said) {
		return true // "not optional"
	}
	if saltBehind.MatchString(before) && !themAll.MatchString(after) {
		return true
	}
	n := len(l.Also)
	if n == 0 || themAll.MatchString(after) || l.AmountMin == nil || l.Also[n-1].AmountMin == nil ||
		!l.Also[n-1].Optional {
		return false
	}
	before = strings.TrimRight(before, " (")
	if strings.LastIndexAny(before, ",;") < strings.LastIndex(before, " and ") {
		return false // "juice and salt if you like"
	}
	return before != "" && !strings.HasSuffix(before, ",") && !strings.HasSuffix(before, ";") &&
		!strings.HasSuffix(before, "-") && !allOfThem.MatchString(before)
}

// saltBehind is salt behind a comma: what is said of it next is said of it alone, "lemon juice in each jar, salt
// if you like".
var saltBehind = pattern.MustCompile(`(?i)[,;] *(?:(?:a|one|half a|1|1/2|½) (?:little|bit of|pinch of|tsp\.?|teaspoon)(?: of)? )?` +
	`(?:(?:some|canning|pickling|kosher|sea) )?salt *$`)

// acidOpen marks acid that hangs on something, on the fruit or on the cook: "if your tomatoes are sweet",
// "when I remember". What is told of another acid is another line's.
func (l *Line) acidOpen(text string) {
	m := acidIf.FindStringIndex(text)
	if m == nil || noMatter.MatchString(text[:m[1]]) || otherAcid.MatchString(text[m[0]:]) || l.onlyLast(text[:m[0]],
		text[m[0]:m[1]], text[m[1]:]) {
		return
	}
	if l.Ref.In("bottled-citrus", "citrus-juice", "citric-acid", "vinegar", "weak-vinegar") {
		l.Optional = true
	}
}

// leavesOpen keeps the words that leave open what and how much goes in.
func (l *Line) leavesOpen(text string) {
	if m := batches.FindString(text); m != "" {
		l.Unread = append(l.Unread, m)
	}
	if m := vagueMore.FindString(text); m != "" && !divided.MatchString(text) {
		l.Unread = append(l.Unread, m)
	}
	if m := notThin.FindString(text); m != "" && l.Ref.In("broth", "vegetable-broth", "tomato-juice", "fruit-juice") {
		l.Unread = append(l.Unread, m)
	}
	if m := notPicked.FindString(text); m != "" && l.Ref != nil && produce[l.Ref.Kind] {
		l.Unread = append(l.Unread, m)
	}
	if l.watered() {
		l.Unread = append(l.Unread, "and "+l.Also[0].Food)
	}
}

// produce are the kinds of food that are canned fresh.
var produce = set("vegetable fruit legume meat poultry seafood")

// watered reports an acid that shares its amount with a liquid: "1 Tbsp lemon juice and water to each pint".
func (l *Line) watered() bool {
	if !l.Ref.In("bottled-citrus", "citrus-juice", "citric-acid", "vinegar") || l.AmountMin == nil || len(l.Also) == 0 {
		return false
	}
	x := l.Also[0]
	return x.AmountMin == nil && x.Ref.In("water", "broth", "tomato-juice", "fruit-juice", "apple-juice")
}

var themAll = pattern.MustCompile(`(?i)^\W*(them|both|either|any|these|those|all)\b`)

var allOfThem = pattern.MustCompile(`(?i)\b(both|all|either|each of|everything)( of (them|these|those))?\W*(are|is)?\W*$`)

var (
	maybe = pattern.MustCompile(`(?i)\b(optional|if (you )?(like|want|wish|wanted|desired|liked|handy|you have (it|` +
		`some|any))|as (you )?wish(ed)?|should you fancy|left out|leave (it |this )?out|not (needed|necessary|` +
		`essential|required)|can be (left out|omitted|skipped)|ad lib|up to you|take it or leave it)\b`)
	acidIf = pattern.MustCompile(`(?i)\b(?:if (?:i|you|we|your|the|they|it|he|she|my|our|need(?:ed)?|necessary` +
		`|required|using|used|sweet|ripe|yellow|mild|low)\b` +
		`|when(?:ever)? (?:i|we|they|tomatoes|fruit|needed|using|(?:the|your|my) (?:tomato(?:es)?|fruit|crop|batch` +
		`|ones|pears|figs))\b` +
		`|only (?:for|if|when|with|in)\b|maybe|perhaps|sometimes|unless|to taste|some years|most years|or not\b` +
		`|just in case)`)
	noMatter = pattern.MustCompile(`(?i)\b(?:even|no matter|whether)(?: \pL+){0,4}$|\b(?:salt|sugar|herbs?` +
		`|basil|spices?)(?: \pL+){0,4}$`)
	otherAcid = pattern.MustCompile(`(?i)\b(?:citric|vinegar|ascorbic|lime|no lemon|no bottled|instead|double` +
		`|doubling|half-?pints?|pints?|quarts?)\b`)
	insisted = pattern.MustCompile(`(?i)(\bnot|\bnever|n['’]t|\bno way|\bno means)( an?| at all| ever)* optional$`)
	batches  = pattern.MustCompile(`(?i)\b(for|does|covers) (a |the |my |our )?((two|three|four|five|six` +
		`|several|both|` +
		`[2-9]) batches|(double|triple|big) batch)\b`)
	// vagueMore is more of what has no name, notThin a liquid that is no clear one.
	vagueMore = pattern.MustCompile(`(?i)(\+|&|\b(?:plus|and|with)) ?(all |some |some of |a bit of |most of )?(the |` +
		`my |our |any )?` +
		`(rest|remains|what|whatever|everything|anything|leftovers|odds and ends|others|bits|extras|stuff)\b`)
	// notPicked is food that lay, or that was put up before.
	notPicked = pattern.MustCompile(`(?i)\b(?:off|from|on) the ground\b|\bwindfalls?\b|` +
		`\boff (?:a|the|my|our) (?:tins?|cans?|shelf|freezer|salad bar)\b`)
	divided    = pattern.MustCompile(`(?i)\b(half|now|later|first|divided|then|each)\b`)
	notThin    = pattern.MustCompile(`(?i)\b(thick|thickish|thickened|fatty|greasy|oily|buttery|creamy|milky|starchy)\b`)
	fromBottle = pattern.MustCompile(`(?i)\b(from|out of|in) (a |the )?bottle\b|, bottle\b|\bthe bottle\b|\bbottled\b|\bthe bottle kind\b`)
	// leftOut ends a line whose food is not in this batch: "2 cups celery - left out this year".
	leftOut = pattern.MustCompile(`(?i)\boptional\b.*[,;(–—-]\s*left out\W*$|[,;(–—-]\s*(?:\pL[^,;()]*, )?` +
		`(?:(?:(?:i|we)(?:'ve|’ve)? (?:always )?)(?:left|leave)(?: it| this| them) out` +
		`|(?:left|leaving)(?: it| this| them)? out (?:this|that|last) (?:year|time|batch)` +
		`|(?:i|we) (?:always )?(?:skip|skipped)(?: it| this| them)` +
		`|skip(?:ped)?(?: it| this)? this (?:year|time|batch))\W*$`)
	skinsOn = pattern.MustCompile(`(?i)\b(skins?|peels?|jackets?) (and all|on|left on|kept on)\b|\bunpeeled\b|\bnot peeled\b|\bpeeled or not\b|\bin (their|the) (skins?|jackets?)\b|\bwith (the |their )?skins?\b|\b(do not|don't|no need to|needn't) peel`)
	struck  = pattern.MustCompile(`^\W*~~.*~~\W*$|^<(s|del|strike)>`)
	orMore  = pattern.MustCompile(`(?i)\b(or|and) more\b|\bor so more\b|\bas many\b|\bas much\b|\bplus (extra|more|some)\b|\bextra (as|if)\b`)
	weakly  = pattern.MustCompile(`(?i)\b(half|quarter|third)[- ]strength\b|\b(below|under|less than|not quite|nearly|almost|short of) ?(4|5|five)|\bany (strength|kind|sort|old|vinegar)\b|\bstrength (not|un|does|doesn)|\b(diluted|watered|weak|weaker|mild)\b|\bhome-?made\b|\bmy own\b`)
	freshly = pattern.MustCompile(`(?i)\bfresh(ly)?[- ](bottled|squeezed|pressed)\b|\bhome-?bottled\b|\bbottled ` +
		`(by (me|us|hand)|myself|ourselves|at home|here)\b`)
	elsewhere = pattern.MustCompile(`(?i)\b(for|to) (rins\w*|wash\w*|drink\w*|dip\w*|soak\w*|clean\w*|wip\w*|hold\w*|prevent\w*) ?\w*`)
)
