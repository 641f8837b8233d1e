package review

import (
	"slices"
	"strings"

	"damson/core/food"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/recipe"
)

// strainable are the groups that leave nothing but their taste in a stock when
// they are strained out: bones, meat and roots, not what thickens or creams it.
var strainable = []string{"bone", "poultry", "bone-in-poultry", "red-meat", "carrot", "celery", "allium", "garlic", "herb", "mushroom"}

// strainStock reads a stock that is made from its bones as the stock that it
// is: what the method strains out is in the jar as broth only. Where a later
// sentence puts any of it back, or the method never strains, the lines stay
// what they are.
func (d *draft) strainStock(cat *food.Catalogue) {
	if d.kind != "stock" && (d.kind != "" || !d.onlyBones()) {
		return
	}
	strained := -1
	for s := range d.steps {
		st := &d.steps[s]
		switch {
		case st.Serving:
		case strained < 0 && bonesOut.MatchString(st.Text) && d.onlyBonesIn(), strained < 0 && st.says("strain") && !containsAny(st.Text, "not strain", "n't strain", "no need to strain", "without straining", "never strain"):
			if st.addsAfter(strainedAt) {
				return
			}
			strained = s
		case strained >= 0 && d.putsBack(st):
			return
		}
	}
	meaty := d.bones()
	for i := range d.items {
		meaty = meaty || d.items[i].is("bone", "poultry", "bone-in-poultry", "red-meat")
	}
	if strained < 0 || !meaty {
		return // a stock of vegetables alone was never tested
	}
	d.strained, d.kind = true, "stock"
	broth := cat.ByID("broth")
	for i := range d.items {
		if it := &d.items[i]; !it.serving && it.ref.In(strainable...) {
			it.ref, it.head, it.name = broth, nil, "stock of "+it.name
			it.prep, it.state, it.amount, it.minor = nil, nil, quantity.Amount{}, false
		}
	}
}

// addsAfter reports a food that the sentence puts in behind the words: "strain, skim, add 2
// lb of beef".
func (s *step) addsAfter(words *pattern.Pattern) bool {
	at := words.FindStringIndex(s.Text)
	if at == nil || !putsIn.MatchString(s.Text[at[1]:]) {
		return false
	}
	return slices.ContainsFunc(s.Foods, func(m recipe.Mention) bool { return m.At >= at[1] && !m.Without && m.Food.In(strainable...) })
}

var (
	strainedAt = pattern.MustCompile(`(?i)\b(?:strain\w*|(?:remove|discard|take out|lift out)\w* (?:all |the |your |those |big )*(?:bones|carcass\w*|frames))\b`)
	putsIn     = pattern.MustCompile(`(?i)\b(?:add|adds|put|puts|return|stir|throw|toss|drop|tip|goes?|mix)\b`)
)

// putsBack reports that the sentence returns what was strained out; what clung to bare bones may.
func (d *draft) putsBack(st *step) bool {
	return st.putsBack() && !(d.onlyBonesIn() && st.onlyMeatOff())
}

// onlyMeatOff reports a sentence that puts back what clung to the bones, and nothing else.
func (s *step) onlyMeatOff() bool {
	return offBones.MatchString(s.Text) && !slices.ContainsFunc(s.Foods, func(m recipe.Mention) bool {
		return !m.Without && !m.Food.In("poultry", "bone-in-poultry", "red-meat", "bone", "broth", "fat")
	})
}

// bonesOut are bones that are taken out of the stock again.
var bonesOut = pattern.MustCompile(`(?i)\b(?:take|lift|fish|pull|scoop|pick)(?:s|ed|ing)? (?:out (?:all |the |your |those |big )*(?:bones|carcass(?:es)?|frames)|(?:all |the |your |those |big )*(?:bones|carcass(?:es)?|frames) (?:back )?out)\b|\b(?:remove|discard|pull|lift|ditch)(?:s|d|ed)? (?:all |the |your |those |big )*(?:bones|carcass(?:es)?|frames)\b`)

// onlyBonesIn reports a stock with nothing solid but its bones: who lifts these out has
// strained it, and vegetables would stay.
func (d *draft) onlyBonesIn() bool {
	return !slices.ContainsFunc(d.items, func(it item) bool {
		return !it.serving && !it.is("bone", "water", "broth", "salt", "dry-seasoning")
	})
}

// bones reports whether the method puts bones or a carcass into the pot.
func (d *draft) bones() bool {
	for i := range d.steps {
		if st := &d.steps[i]; !st.Serving && !st.gone && slices.ContainsFunc(st.Clauses, func(c method.Clause) bool { return c.Kind != method.Talk && !c.Negated && carcass.MatchString(c.Text) }) {
			return true
		}
	}
	return false
}

// carcass are bones that go in, or are spoken of by their bird: "the bones of two hens".
var carcass = pattern.MustCompile(`(?i)\b(bones|carcass(es)?|frames) (of|in|into)\b`)

// onlyBones reports whether nothing but bones, water and what seasons is in the recipe. A
// bird is only that of the bones.
func (d *draft) onlyBones() bool {
	if !d.bones() {
		return false
	}
	for i := range d.items {
		it := &d.items[i]
		ofBones := it.fromStep && it.amount.IsZero() && it.src != nil && carcass.MatchString(it.src.Text)
		if !it.serving && !ofBones && !it.is("bone", "water", "broth", "salt", "dry-seasoning", "herb", "allium", "garlic", "carrot", "celery") {
			return false
		}
	}
	return true
}

// drainSoak sets apart the water of a soak: a list of pickles has the water of
// its brine and, beside it, the water that the food stands in overnight. The
// method must soak or stand the food in just that amount, and drain it within
// the next sentences, and other water must be left. Ice goes the same way.
func (d *draft) drainSoak(rd *recipe.Reader) {
	waters := 0
	for i := range d.items {
		if d.items[i].is("water") && !d.items[i].fromStep {
			waters++
		}
	}
	if d.onlySoaks() {
		for i := range d.items {
			if it := &d.items[i]; it.is("water") && !it.fromStep {
				it.serving, it.drained = true, true
			}
		}
		return
	}
	d.drainIce()
	if slices.ContainsFunc(d.steps, func(s step) bool { return !s.Serving && s.says("soak") && s.says("drain") }) {
		for i := range d.items {
			if it := &d.items[i]; it.is("water") && !it.fromStep && it.src != nil && waters > 1 && forSoak.MatchString(it.src.Text) {
				it.serving, it.drained = true, true
				waters--
			}
		}
	}
	for s := range d.steps {
		if waters > 1 && !d.steps[s].Serving && containsAny(d.steps[s].Text, "lime with", "lime in", "lime and") && d.soaks(s) && d.limeWater() {
			waters--
		}
		if waters < 2 || d.steps[s].Serving || !d.soaks(s) {
			continue
		}
		poured := map[quantity.Amount]bool{}
		for _, l := range rd.Measured(d.steps[s].Step) {
			if l.Ref.In("water") && l.AmountMin != nil {
				poured[l.Amount()] = true
			}
		}
		for i := range d.items {
			it := &d.items[i]
			ice := strings.HasPrefix(it.name, "ice") && it.name != "ice water"
			if it.is("water") && !it.fromStep && waters > 1 && (ice || poured[it.amount]) {
				it.serving, it.drained = true, true
				waters--
			}
		}
	}
}

// forSoak is what a line of the list says of water that is poured off: "2 gallons water + 3/4
// cup salt for the soak".
var forSoak = pattern.MustCompile(`(?i)\b(for (the |an overnight |overnight )*(soak|soaking|salting)|to soak( in)?|soaking water)\b`)

// drainIce sets apart the ice that keeps the salted food cold before it is drained:
// no ice goes into a jar.
func (d *draft) drainIce() {
	for s := range d.steps {
		if st := &d.steps[s]; st.Serving || !st.says("ice") || !slices.ContainsFunc(d.steps[s:min(len(d.steps), s+6)], func(x step) bool { return x.says("drain") }) {
			continue
		}
		for i := range d.items {
			if it := &d.items[i]; it.is("water") && !it.fromStep && (it.name == "ice" || strings.HasSuffix(it.name, " ice") || strings.HasPrefix(it.name, "ice ")) && it.name != "ice water" {
				it.serving, it.drained = true, true
			}
		}
	}
}

// limeWater sets the water that stands by the pickling lime aside: it is drained.
func (d *draft) limeWater() bool {
	for i := 1; i < len(d.items); i++ {
		a, b := &d.items[i-1], &d.items[i]
		if a.is("alkali") && strings.Contains(a.name, "lime") && b.is("water") && !b.fromStep && !b.drained {
			b.serving, b.drained = true, true
			return true
		}
	}
	return false
}

// onlySoaks reports whether the method uses its water for a soak that is drained,
// and for nothing else: vinegar alone covers the food. A sentence that puts
// things in by no name ends that certainty.
func (d *draft) onlySoaks() bool {
	soak, vinegar := false, false
	for s := range d.steps {
		st := &d.steps[s]
		if st.Serving {
			continue
		}
		vinegar = vinegar || st.names("vinegar")
		if containsAny(st.Text, "remaining", "everything", "all ingredients", "all the ingredients", "rest of") {
			return false
		}
		if !containsAny(st.Text, "water", "brine") || containsAny(st.Text, "canner", "water bath", "water-bath", "wash", "rinse") {
			continue
		}
		if !d.soaks(s) || st.names("vinegar") {
			return false
		}
		soak = true
	}
	return soak && vinegar
}

// soaks reports whether the food stands in water from sentence s on and is
// drained within the next few.
func (d *draft) soaks(s int) bool {
	stands := false
	for k := s; k < len(d.steps) && k < s+5; k++ {
		st := &d.steps[k]
		stands = stands || containsAny(st.Text, "soak", "stand", "brine", "overnight", "re-cover", "another hour")
		if k > s && st.names("vinegar") {
			return false
		}
		if stands && st.says("drain") {
			return true
		}
	}
	return false
}

// putsBack reports whether the sentence may return what was strained out: it
// names any of it, or adds things by no name, and does not throw them away.
func (s *step) putsBack() bool {
	if containsAny(s.Text, "discard", "throw", "compost") || len(s.Clauses) > 0 && !slices.ContainsFunc(s.Clauses, func(c method.Clause) bool { return c.Kind != method.Serve }) {
		return false
	}
	return s.names("bone") || s.names("poultry") || s.names("red-meat") || s.names("carrot") || s.names("allium") || s.names("celery") ||
		containsAny(s.Text, "meat", "piece", "vegetable", "solids", "everything", "strained out", "back in", "put back", "add ", "return the", "shred")
}
