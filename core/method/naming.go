package method

// named returns the code under which a clause that could not be read is asked about:
// what it says of acid, sugar, pieces, jars and lids tells more than that it is strange.
func (p *passage) named(code string) string {
	if code != "" && code != "unknown-ingredient" && code != "process-short" && code != "unclear-amount" {
		return code
	}
	for _, n := range namings {
		if n.when(p) {
			return n.code
		}
	}
	if code == "" || code == "unknown-ingredient" {
		switch {
		case p.at.Done && !p.namesFood() && (p.hasClass(Pronoun) || p.hasClass(Canner) || p.says("open", "heat", "pressure", "lid", "weight", "down")):
			return "cooling"
		case p.at.Closed && !p.at.Done && !p.namesFood() && !p.strangeWord() && !p.puts() && !p.hasClass(Vague):
			return "process-short"
		}
	}
	return code
}

// namings are what a clause may speak of, the surest first.
var namings = []struct {
	code string
	when func(*passage) bool
}{
	{"base-added", func(p *passage) bool {
		return p.says("soda", "lime") && p.says("pan", "rinse", "wash", "washing", "water", "soak", "pinch", "green", "crisp") && !p.says("juice", "limes")
	}},
	{"weak-vinegar", func(p *passage) bool {
		return p.says("per cent", "percent") && p.c.hasNumber() || p.says("makes its own", "make my own", "home-made", "homemade") && !p.at.Filled && p.says("crock", "barrel", "cask", "vinegar")
	}},
	{"acid-diluted", func(p *passage) bool {
		return p.says("water") && p.says("as much again", "as much water", "of water to", "let down", "let the vinegar down") || p.has(set("stretch eke"))
	}},
	{"no-acid-added", func(p *passage) bool {
		return (p.hasClass(Acid) || p.says("lemon", "lime", "sharpness", "the sour")) && p.says("for looks", "leave it", "same job", "for show", "for the taste", "only taste", "not needed")
	}},
	{"acid-swap", func(p *passage) bool {
		return p.hasClass(Acid) && p.says("the same of", "does as well", "stands in", "will do instead")
	}},
	{"acid-short", func(p *passage) bool {
		return (acidCodes[p.at.About] || p.hasClass(Acid)) && p.says("half", "spoon for the whole", "whole pot", "is enough", "is plenty", "a drop", "a splash", "less")
	}},
	{"sugar-change", func(p *passage) bool { return p.hasClass(Sugar) && p.says("less", "fewer", "half", "healthier", "cut") }},
	{"omission", func(p *passage) bool {
		return p.says("packet", "pouch", "pectin") && p.says("skip", "half", "without", "leave")
	}},
	{"jar-size", func(p *passage) bool {
		return p.says("biggest you own", "biggest jar", "biggest jars", "the big one", "biggest we have", "biggest there is")
	}},
	{"lid", func(p *passage) bool {
		return p.says("tops", "flats", "lids") && p.says("again", "last year's", "old", "used")
	}},
	{"jar-type", func(p *passage) bool {
		return p.says("came in", "comes in", "bought sauce", "screw tops") && !p.says("whatever the weather")
	}},
	{"piece-size", func(p *passage) bool {
		return !p.at.Closed && (p.says("lumps", "one piece", "no cutting", "big ones", "whole ones", "fist", "in halves", "as big as") && !p.says("skin"))
	}},
	{"tomato-skin", func(p *passage) bool {
		return p.has(set("skin peel")) && p.says("let the little ones", "leave the little ones", "let be", "some", "the rest")
	}},
	{"solids-ratio", func(p *passage) bool {
		return p.says("of meat you put in", "for each cup", "cup of broth") && p.says("leave out", "less", "in place")
	}},
	{"pack-style", func(p *passage) bool {
		return !p.at.Closed && (p.says("freezer", "frozen", "icebox") || p.says("cold") && p.says("spoon", "fill", "jar", "jars", "pack", "ram"))
	}},
	{"puree", func(p *passage) bool {
		return !p.at.Closed && p.says("machine", "squash", "squashed", "spread like", "all one", "cannot see what", "like butter", "like cream")
	}},
	{"thick-sauce", func(p *passage) bool { return !p.at.Closed && p.says("like tar", "till it takes", "until it takes") }},
	{"thickener", func(p *passage) bool {
		return p.says("a little white", "white over", "the white stuff", "fat and flour", "baking tin")
	}},
	{"fat", func(p *passage) bool { return p.says("golden drop", "pour the pan", "pan drippings") }},
}

var acidCodes = map[string]bool{"acid-short": true, "no-acid-added": true, "acid-swap": true, "fresh-citrus": true, "acid-diluted": true}
