package method

// The jars: what is damaged, forced, left open, closed with what does not seal, or in doubt.

// damage are words of a jar that may break or leak.
var damage = []string{"chip", "chips", "chipped", "crack", "cracks", "cracked", "nick", "nicks", "nicked", "flaw", "flawed", "damaged", "broken", "scratched rim", "rough rim"}

// damagedJar reports a damaged jar that is used.
func (p *passage) damagedJar() bool {
	if p.at.Done || p.negated() || !p.hasClass(Jar) && !p.says("rim", "rims") || !p.says(damage...) {
		return false
	}
	return p.does("use take fill keep choose have save pick need do") && !p.says("away", "out", "no", "without", "free", "check", "for anything", "instead of", "dry", "flowers", "sugar for")
}

// forcedBand reports a band that is forced down before the process: "as hard as they go".
func (p *passage) forcedBand() bool {
	if p.at.Done || p.negated() || !p.hasClass(Band) && !p.hasClass(Lid) || !p.does("screw turn twist tighten crank force wind do wrench put") {
		return false
	}
	return p.says("as hard as", "as tight as", "tight as it goes", "all my strength", "all your strength", "all my might", "all your might", "with pliers", "with a wrench", "with a spanner", "hard as", "rock hard", "bar tight", "bar-tight", "wrench tight", "for all i am worth", "until they will not turn", "until it will not turn", "with both hands") &&
		!p.says("then back", "fingertip", "finger tight", "fingers alone", "fingertips")
}

// oldLids reports lids that are not new: "don't use new lids".
func (p *passage) oldLids() bool {
	return !p.at.Done && p.negated() && p.does("use buy need waste bother get") && p.says("new lids", "new lid", "fresh lids", "new flats", "new ones") && (p.hasClass(Lid) || p.hasClass(Band)) && !p.says("rings", "screw bands", "bands", "jars")
}

// noLid reports jars closed with what does not seal, or not closed: "leave the lids off", "a
// piece of cloth for a lid", "plastic lids", "the old rubber rings again".
func (p *passage) noLid() bool {
	if !p.at.Filled || p.at.Done || p.negated() {
		return false
	}
	lids := p.hasClass(Lid) || p.hasClass(Band) || p.says("lid", "lids", "tops", "caps")
	switch {
	case p.says("plastic lids", "plastic lid", "plastic caps", "plastic tops") && !p.says("afterwards", "for storage", "in the fridge", "once opened"):
		return true
	case p.says("rubber rings", "rubber ring", "rubbers", "gaskets") && p.says("again", "old", "used", "last year") && p.does("use reuse put take"):
		return true
	case p.says("for a lid", "as a lid", "for lids", "as lids", "in place of a lid", "in place of lids", "instead of a lid", "instead of lids") && (p.hasClass(Cloth) || p.says("cloth", "foil", "paper", "cling film", "wax", "saucer", "plate", "rag", "muslin")):
		return true
	case p.says("over the mouths", "over the mouth", "over the tops", "over each mouth", "over the jars", "over each jar", "over the rims") && (p.hasClass(Cloth) || p.says("cloth", "foil", "paper", "cling film", "film", "plastic wrap", "wax", "rag", "muslin", "a bag", "leaf", "leaves")) && !p.says("until the lids", "while they cool", "to keep the dust off"):
		return true
	case lids && p.does("leave keep") && !p.deniedBefore(len(p.c.t)) && p.says("off", "loose", "ajar", "open", "unscrewed") && !p.says("off the heat", "canner", "fingertip", "finger tight", "headspace", "pot"):
		return true
	}
	return false
}

// doubtedJar is why a jar that may be spoiled is asked about.
const doubtedJar = "a jar in doubt"

// inDoubt are words of a jar that nobody must eat from.
var inDoubt = []string{"cloudy", "bulging", "swollen", "leaking", "leaked", "unsealed", "lost its seal", "lost their seal", "lost the seal", "did not seal", "didn't seal", "never sealed", "smells off", "smell off", "smells odd", "fizzing", "fizzy", "spurts", "mouldy", "moldy", "smells funny", "looks funny", "suspicious", "doubtful", "doubt", "not sealed", "come unsealed", "came unsealed", "popped up", "off colour", "off color"}

// eatsDoubtful reports a jar in doubt that is tasted, eaten, boiled to eat, or kept.
func (p *passage) eatsDoubtful() bool {
	u := p.c.unit()
	if !p.at.Done || !p.c.hasAny(inDoubt) || p.negated() {
		return false
	}
	if p.does("taste try sample") {
		return !u.hasAny([]string{"throw", "discard", "without tasting"})
	}
	if u.hasAny([]string{"throw", "discard", "destroy", "bin", "rubbish", "trash", "fridge", "refrigerator", "refrigerate", "freezer", "freeze", "24 hours", "same day", "straight away", "that day", "without tasting", "dispose", "first", "next", "today", "tonight", "that night", "that evening", "for supper", "for dinner", "for lunch", "icebox", "ice box", "chill", "cold", "within", "soon"}) {
		return false
	}
	return p.does("eat keep save store shelve boil use reheat feed tighten scrape open") || u.hasAny([]string{"and eat", "to eat"})
}
