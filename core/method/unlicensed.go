package method

import "slices"

// What changes the food, the jars or the process by itself and is asked of no procedure, or
// of one that says so: reading the clause whole is no leave for it.

// unlicensed reports an act that no procedure asks for as it is told here.
func (p *passage) unlicensed(acts []Act) (string, string) {
	if p.at.Done || p.third() && !p.ourBatch() {
		return "", ""
	}
	if code := p.goesWithout(); code != "" {
		return code, "done without"
	}
	switch {
	case p.leftToSour(acts):
		return "ferments", "left to sour"
	case p.stillFrozen():
		return "pack-style", "frozen"
	case p.usedLids():
		return "lid", "lids used before"
	case p.soldJars():
		return "jar-type", "jars that something was sold in"
	case p.lyingJars():
		return "method-mismatch", "jars that lie"
	}
	return "", ""
}

// goesWithout returns the code of a thing that the jars, the canner or the food must have and
// that is said to be missing: "close the jars without bands", "set them in the canner, no water".
func (p *passage) goesWithout() string {
	for i := range p.c.t {
		if low := p.c.t[i].low; low != "no" && low != "without" {
			continue
		}
		k := i + 1
		for determiners[p.word(k)] || p.word(k) == "any" {
			k++
		}
		switch p.word(k) {
		case "acid", "acidity":
			return "no-acid-added"
		case "sugar":
			if p.word(k+1) != "substitute" {
				return "sugar-change"
			}
		case "locking", "latching", "clamping", "fastening":
			if p.at.Filled || p.hasClass(Canner) || p.hasClass(Lid) {
				return "method-mismatch"
			}
		case "weight", "regulator", "gasket":
			if (p.at.Filled || p.hasClass(Canner)) && p.word(k+1) != "gauge" && !p.deniedBefore(i) {
				return "pressure-low"
			}
		case "lids", "bands", "rings":
			if p.hasClass(Jar) || p.hasClass(FullJar) {
				return "lid"
			}
		case "water":
			if p.hasClass(Canner) && !p.says("over", "above") {
				return "canner-water"
			}
		case "boiling":
			if p.at.Filled && k == p.lastWord() {
				return "process-short"
			}
		case "waiting":
			if p.at.Closed || p.says("lid", "canner") {
				return "cooling"
			}
		}
	}
	return ""
}

// leftToSour reports food that works for days: "six weeks in the crock".
func (p *passage) leftToSour(acts []Act) bool {
	if p.at.Filled || p.negated() {
		return false
	}
	if p.does("ferment sour work culture") && p.days() >= 1 {
		return true
	}
	ferments := slices.ContainsFunc(acts, func(a Act) bool { return a.Name == "ferment" && !a.Undone })
	return ferments && (p.days() >= 1 || p.says("ferment", "ferments", "fermenting", "sours", "culture", "starter", "bubbling", "last crock"))
}

// stillFrozen reports food that is not thawed before it is filled: "no need to thaw".
func (p *passage) stillFrozen() bool {
	if p.at.Filled || !p.says("thaw", "thawing", "thawed", "defrost", "defrosting", "defrosted", "frozen solid", "frozen hard", "still frozen", "rock frozen") || p.says("counter", "room temperature", "microwave", "sink", "jars", "lids") {
		return false
	}
	if p.says("frozen solid", "frozen hard", "still frozen", "rock frozen") {
		return !p.negated()
	}
	return p.negated() || p.says("no need", "needn't", "without", "skip", "before they", "before it", "half thawed", "partly thawed", "half-thawed") && !p.says("after")
}

// usedLids reports flat lids that have sealed a jar before.
func (p *passage) usedLids() bool {
	if !p.hasClass(Lid) && !p.says("flats") || p.negated() || p.says("band", "bands", "ring", "rings", "new", "pan", "pot", "canner", "kettle", "petcock") {
		return false
	}
	if p.says("last year", "last summer", "last season", "last autumn", "last fall", "last winter", "the year before", "another go", "another year", "another season", "another summer", "a second time", "second year", "third time", "used once") {
		return true
	}
	return p.does("use reuse save keep") && p.says("again", "for next time", "for next year")
}

// soldJars reports jars that food was bought in.
func (p *passage) soldJars() bool {
	return p.hasClass(Jar) && !p.negated() && p.says("came in", "comes in", "come in", "was sold in", "were sold in") && (p.namesFood() || p.says("bought", "shop", "store", "sauce", "jam"))
}

// lyingJars reports closed jars that lie in the canner.
func (p *passage) lyingJars() bool {
	if !p.at.Filled || p.negated() || p.says("never", "cool", "shelf", "box", "cupboard") {
		return false
	}
	return p.says("on their sides", "on its side", "on their side", "lying down", "lying flat") || p.says("sideways") && (p.hasClass(Canner) || p.does("stack lay load lie"))
}

// hotAir reports closed jars that are put into an oven.
func (p *passage) hotAir() bool {
	if !p.at.Filled || p.at.Done || p.negated() || !p.hasClass(Pronoun) && !p.hasClass(Jar) || p.says("empty", "bread", "bake", "roast", "cake", "pie") {
		return false
	}
	for i := range p.c.t {
		if p.c.t[i].low != "oven" {
			continue
		}
		for k := max(0, i-3); k < i; k++ {
			if p.c.t[k].low == "in" || p.c.t[k].low == "into" {
				return true
			}
		}
	}
	return false
}

// pasteurised reports full jars that are held below a boil: "pasteurise them at 80".
func (p *passage) pasteurised() bool {
	return p.at.Filled && !p.at.Done && p.does("pasteurise pasteurize") && (p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Pronoun))
}
