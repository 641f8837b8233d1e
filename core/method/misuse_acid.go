package method

// The acid: what is said to do without it, where it comes from, and which jars get it.

// sourEnough reports food that is said to be sour of itself: "mine are sharp enough".
func (p *passage) sourEnough() bool {
	if p.at.Filled || p.negated() || !p.any(sourWords) || p.says("still", "regardless", "all the same", "even so", "anyway") {
		return false
	}
	if p.after != nil && p.says("lack", "lacks", "lacking", "low in", "short of") &&
		p.after.hasAny([]string{"additional", "more", "extra"}) {
		return false // "if apples lack tartness, use an additional 1/4 cup"
	}
	if !p.says("enough", "plenty", "this sharp", "this sour", "this tart", "so sharp", "so sour", "so tart", "as they are", "by themselves", "by itself", "on their own", "of their own", "already", "naturally") &&
		!(p.after != nil && p.after.hasAny([]string{"lemon", "lime", "juice", "acid", "vinegar", "bottle"})) {
		return false
	}
	return p.foodSubject() >= 0 || p.hasClass(Pronoun) || p.namesFood() || p.says("mine", "ours")
}

var sourWords = set("tart sharp sour acid acidic tangy tartness sharpness sourness acidity zing bite tang")

// ownJuice reports acid that somebody bottled at home.
func (p *passage) ownJuice() bool {
	return (p.hasClass(Acid) || p.says("lemon", "lime", "juice")) && !p.negated() &&
		p.says("bottled by", "home bottled", "home-bottled", "bottled myself", "bottled ourselves", "bottle it myself", "bottle it ourselves", "bottle my own", "bottle our own", "we bottled", "i bottled", "that i bottle", "that we bottle")
}

// someJarsSour reports acid that goes into some jars: "only the jars for the exhibition get lemon".
func (p *passage) someJarsSour() bool {
	if !p.hasClass(Acid) && !p.says("lemon", "lime", "vinegar", "citric") || p.negated() {
		return false
	}
	for i := range p.c.t {
		if p.c.t[i].low != "only" && p.c.t[i].low != "just" {
			continue
		}
		k := i + 1
		for determiners[p.word(k)] || p.word(k) == "first" || p.word(k) == "last" || p.word(k) == "big" || p.word(k) == "small" {
			k++
		}
		if k < len(p.c.t) && (p.c.t[k].class == Jar || p.c.t[k].low == "ones") {
			return true
		}
	}
	return false
}
