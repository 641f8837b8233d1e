package method

import "damson/core/english"

// The jars: what is damaged, forced, left open, or closed with what does not seal.

// damage are words of a jar that may break or leak.
var damage = []string{"chip", "chips", "chipped", "crack", "cracks", "cracked", "nick", "nicks", "nicked", "flaw", "flawed", "damaged", "broken", "scratched rim", "rough rim", "split"}

// damagedJar reports a damaged jar that is used: "use the cracked ones first", "chips do not
// matter". One that is looked for or thrown out is none.
func (p *passage) damagedJar() bool {
	if p.at.Done || !p.says(damage...) || p.says("lid", "lids") && !p.hasClass(Jar) {
		return false
	}
	if p.says("away", "out", "no", "without", "free", "check", "look", "feel", "inspect", "examine", "for anything",
		"instead of", "dry", "flowers", "sugar for", "pepper", "peppercorns", "corn", "wheat", "ice", "wood", "potato", "pavement", "nail", "nails", "tooth", "phone", "plate", "cup", "bowl", "egg", "eggs",
		"split lengthwise", "split lengthways") {
		return false
	}
	jar := p.hasClass(Jar) || p.hasClass(Rim) || p.says("rim", "rims", "mouth", "glass", "the cracked ones", "the chipped ones", "the nicked ones", "hairline")
	if p.shrugs() {
		return jar || !hasVerb(p.c.t) || p.stative() || p.negated()
	}
	return jar && !p.negated() && hasVerb(p.c.t) && !p.does("find run feel return cry weep laugh lose drop break swear curse") && !p.c.around(remedy).hasAny(thrownAway)
}

// forcedBand reports a band that is forced down before the process: "as hard as they go".
func (p *passage) forcedBand() bool {
	if p.at.Done || p.negated() || !p.hasClass(Band) && !p.hasClass(Lid) || !p.does("screw turn twist tighten crank force wind do wrench put get have make") {
		return false
	}
	if p.c.around(remedy).hasAny([]string{"then back", "fingertip", "finger tight", "fingers alone", "fingertips", "finger-tight", "your fingers", "two fingers", "finger and thumb"}) {
		return false
	}
	return p.c.around(remedy).hasAny([]string{"as hard as", "as tight as", "tight as"}) || p.says("tight as it goes", "all my strength", "all your strength", "all my might", "all your might", "pliers", "wrench", "spanner", "vise", "strap wrench", "hard as", "rock hard", "bar tight", "bar-tight", "wrench tight", "for all i am worth", "until they will not turn", "until it will not turn", "with both hands", "full force")
}

// oldLids reports lids that are not new: "don't use new lids".
func (p *passage) oldLids() bool {
	if !p.at.Done && !p.negated() && (p.hasClass(Lid) || p.says("flats")) && p.does("use do serve") && p.says("twice", "two times", "three times", "again and again", "over and over", "many times") && !p.hasClass(Band) {
		return true
	}
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
	case p.says("paper lids", "cloth lids", "wooden lids", "plastic lids", "plastic lid", "plastic caps", "plastic tops") && !p.says("afterwards", "for storage", "in the fridge", "once opened"):
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

// afterTheCanner are words for a time at which a lid is too late.
var afterTheCanner = []string{"after the canner", "after processing", "after the process", "after the bath", "after they come out", "after they are out", "when they are out", "when they come out", "once they come out", "once they are out", "once the jars are out", "when the jars are out", "after the jars are out", "when it comes out", "until they come out", "till they come out", "when they are out of the water", "out of the water", "out of the canner", "once they have cooled", "when they have cooled", "once cool", "when cool", "once cold", "when cold", "go on last"}

// badlyClosed reports a jar whose lid cannot seal: put on too late, with no band, twice over,
// on a greased rim, with something under it, or a cork in its place.
func (p *passage) badlyClosed() bool {
	if p.at.Done || p.serving || p.third() && !p.ourBatch() || p.hasClass(Canner) && !p.says(afterTheCanner...) {
		return false
	}
	lids := p.hasClass(Lid) || p.hasClass(Band) || p.does("lid cap") || p.says("caps")
	off := p.does("take remove unscrew lift come") || p.says("off")
	switch {
	case p.at.Filled && !p.negated() && !p.does("take remove unscrew come") && p.says("bands off", "rings off", "no bands", "no rings", "without bands", "without rings"):
		return true
	case p.negated():
		return false
	case lids && !off && p.after != nil && p.after.kind == moment && p.after.hasAny(afterTheCanner):
		return true
	case lids && p.does("process") && p.says("first") && p.says("then lid", "then the lid", "then lids", "then the lids"):
		return true
	case lids && !off && p.says(afterTheCanner...):
		return true
	case p.says("lids after", "lids last", "lids later", "lid last") && !off:
		return true
	case p.says("two lids", "double lids", "second lid", "a lid on top of"):
		return true
	case p.says("under the lid", "under each lid", "under the lids", "beneath the lid", "between lid and", "between the lid and", "between rim and") && !p.says("inch", "space", "room", "gap", "air", "bubble", "bubbles", "look", "mould", "mold") && (p.puts() || p.hasClass(Cloth)):
		return true
	case p.hasClass(Rim) && (p.hasClass(Fat) || p.says("oil", "butter", "lard", "grease", "vaseline", "glue", "wax")) && !p.does("wipe clean wash rinse get remove scrub") && !p.says("no", "off", "free", "clean"):
		return true
	case p.says("cork", "corks", "corked", "bungs", "stoppers", "wax seal") && (p.at.Filled || p.hasClass(Jar) || p.says("bottle", "bottles")):
		return true
	case p.hasClass(Rim) && p.does("wipe clean wash") && p.says("later", "afterwards", "after processing"):
		return true
	}
	return false
}

// vessels are what food is sold, stored or drunk in and that no process is tested for.
var vessels = []string{"tin cans", "coffee cans", "coffee tins", "wine bottle", "wine bottles", "beer bottle", "beer bottles", "pop bottle", "pop bottles", "soda bottles", "ketchup bottles", "milk bottles", "freezer bag", "freezer bags", "plastic bags", "plastic tub", "plastic tubs", "ice-cream pail", "ice cream pail", "ice-cream pails", "ice cream tubs", "lard pail", "lard pails", "tumbler", "tumblers", "beer mugs", "stone crocks", "stoneware crocks", "demijohn", "growler", "growlers", "vacuum flask", "deli jars", "sauce bottles", "paint cans"}

// otherVessel reports food that is put up in something else than a canning jar.
func (p *passage) otherVessel() bool {
	if p.third() && p.does("use keep put take save have store") && !p.ourBatch() {
		return false // what others keep theirs in
	}
	if p.at.Done || p.at.Closed || p.serving || p.negated() || !p.says(vessels...) && !(p.says("tins") && p.c.around(remedy).hasAny([]string{"soldered", "crimped"})) || p.c.hasNumber() && len(p.c.m) > 0 || p.says("tomatoes from", "bought", "recycle", "instead of") {
		return false
	}
	if p.does("soak wash rinse drain carry pick gather haul bring hold salt brine stand mix pour measure collect buy open empty sell sold") && !p.says("soldered", "crimped", "corked", "capped") {
		return false
	}
	return !hasVerb(p.c.t) || p.c.around(remedy).hasAny([]string{"soldered", "crimped", "corked", "capped", "sealed", "corks", "with lids", "their own lids", "paper tops"}) || p.shrugs() || p.does("use put pack fill can do take serve make ladle")
}

// otherSize reports jars larger than any that a process is tested for: "the big two-litre ones".
func (p *passage) otherSize() bool {
	if p.negated() || !p.heads(Jar, FullJar) {
		return false
	}
	if p.says("gallon", "gallons", "no standard size", "odd sizes", "all sizes", "any size", "every size") && !p.says("half-gallon", "half gallon", "half-gallons", "half gallons") {
		return true
	}
	if !p.says("litre", "litres", "liter", "liters") {
		return false
	}
	for i := range p.c.raw {
		if v, n := english.Number(p.c.raw, i); n > 0 && v > 1 {
			return true
		}
	}
	return p.says("and a half")
}

// sealsAndEnds reports that jars seal, and that this is all: "hot jam seals by itself, so that's
// the end of it".
func (p *passage) sealsAndEnds() bool {
	if !p.at.Filled || p.negated() || !(p.says("seal", "seals") || p.before != nil && (&passage{c: p.before}).says("seal", "seals")) {
		return false
	}
	return p.says("the end of it", "all there is to it", "that is it", "that's it", "that is that", "that's that", "nothing more to do", "and done", "we are done", "we're done", "no more to do", "the job is done", "job done", "all that is needed", "all they need", "all it needs")
}
