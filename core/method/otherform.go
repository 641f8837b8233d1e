package method

// otherForm reports a food that is used in a form of its own, which may not be the one
// that was tested: "use ground beef", "canned tomatoes work as well".
func (p *passage) otherForm([]Act) (string, string) {
	if !p.at.Filled && !p.negated() && (p.does("leave keep") && p.says("bones in", "bone in", "the bones in") || p.says("with the bones in", "bones still in", "bones and all", "bones back in")) && !p.at.named("bone") {
		return "bones", "with its bones"
	}
	if p.onTheBone() {
		return "", "in a form of its own"
	}
	if p.at.Filled || p.negated() || p.says(thatFit...) || hasVerb(p.c.t) && !p.does("use take buy get choose work do substitute swap prefer go come be") {
		return "", ""
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.food == nil || w.class == Seasoning || w.class == Salt || w.class == Sugar || w.class == Liquid || p.at.named(w.Text) && i == 0 {
			continue
		}
		for k := max(0, i-2); k <= i; k++ {
			code := formOf[p.word(k)]
			if code == "" || p.at.named(p.c.t[k].Text) || p.at.named(p.word(k)) || k > 0 && (p.word(k-1) == "not" || p.word(k-1) == "no" || p.word(k-1) == "like" || p.word(k-1) == "than") {
				continue
			}
			if k < i && !w.inner && p.c.t[k].class != "" && p.c.t[k].food == nil {
				continue
			}
			return code, "in a form of its own"
		}
	}
	return "", ""
}

// onTheBone reports meat that is bought or used with its bones or skin.
func (p *passage) onTheBone() bool {
	return !p.negated() && p.does("use take buy get") && !p.says("off the bone", "off the bones", "from the bone") &&
		p.says("with the bone in", "with bones", "with the bones", "with their bones", "bone in", "on the bone",
			"with the skin on", "with skins on", "unpeeled", "skins on")
}

// thatFit are pieces as large as the jar takes: "in pieces that go through the mouth of the jar".
var thatFit = []string{"that go through", "that goes through", "that fit", "that fits", "to fit", "that go in", "that will go"}

// formOf are words for a form, with the code under which a food of that form is asked
// about.
var formOf = map[string]string{
	"ground": "piece-size", "minced": "piece-size", "grated": "piece-size", "shredded": "piece-size", "instant": "starch-solid",
	"mashed": "puree", "pureed": "puree", "creamed": "puree",
	"canned": "substitution", "tinned": "substitution", "smoked": "cured-meat", "cured": "cured-meat", "corned": "cured-meat",
	"frozen": "pack-style", "dried": "dry-legume-unsoaked", "dehydrated": "substitution", "powdered": "substitution",
	"leftover": "substitution", "fried": "fat", "breaded": "thickener", "pickled": "substitution", "candied": "substitution",
}
