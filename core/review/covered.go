package review

import (
	"strings"

	"damson/core/pattern"
	"damson/core/recipe"
)

// cookingLiquid takes the cooking liquid for the water that the food was cooked in.
func (d *draft) cookingLiquid() *draft {
	inWater := false
	for i := range d.steps {
		s := &d.steps[i]
		if s.Serving {
			continue
		}
		inWater = inWater || boiledInWater.MatchString(s.Text)
		if inWater && containsAny(s.Text, "cooking liquid") {
			d.liquids["water"] = true
		}
	}
	return d
}

// boiledInWater is food that cooks in water which stands over it.
var boiledInWater = pattern.MustCompile(`(?i)\bcover(?:ed)?(?: \pL+){0,2} (?:with|by|in) (?:\pL+ ){0,2}water\b` +
	`|\b(?:with|in) (?:\pL+ )?water to cover\b`)

// inSauce is what is covered with the sauce of the recipe.
var inSauce = pattern.MustCompile(`(?i)\bsauce (to cover|over|on top|till|until)\b|\b(cover|covered|fill` +
	`|top)[^.;]* sauce\b`)

// inSyrup is fruit that is heated or covered in its syrup.
var inSyrup = pattern.MustCompile(`(?i)\b(in|into|with|add|and) (the |their |a |this |that |some |hot |boiling ` +
	`|light |medium |heavy |very |extra )*syrup\b`)

// byGallon is what is measured by the water of a bath: "2 cups to the gallon".
var byGallon = pattern.MustCompile(`(?i)\b(?:to|in|a|per|each|every|the) (?:the |a |each |every |1 ` +
	`|one )?gallon\b|\bgallon of (?:\pL+ )?water\b`)

// ofGallons is what is measured by the gallon itself: "a gallon of white vinegar".
var ofGallons = pattern.MustCompile(`(?i)\bgallons? (?:of )?(?:\pL+ )?(?:vinegar|juice)\b`)

// liquidOver is a sentence that only says what covers the food: "Boiling water over."
var liquidOver = pattern.MustCompile(`(?i)^\W*(fresh |hot |boiling |the |their |cooking )*(water|broth|stock` +
	`|juice|syrup|brine) (over|on top|to cover)\b|^\W*(fresh |hot )?boiling (water|broth|stock|juice|syrup` +
	`|brine)(,? not [a-z ]+(\([^)]*\))?)?\W*$`)

// thenLiquid is what goes over food that is in already: "hot potatoes in, and fresh boiling
// water over them".
var thenLiquid = pattern.MustCompile(`(?i)\bin,? (?:and |then )?(?:fresh |hot |boiling |the |their ` +
	`|cooking )*(water|broth|stock|juice|syrup|brine) over (?:them|it|the)\b`)

// covers is the liquid of a procedure by the word for it.
var covers = map[string]string{"water": "water", "broth": "broth", "stock": "broth", "syrup": "fruit-syrup",
	"juice": "juice", "brine": "liquid"}

// packs reports whether the sentence puts food into jars.
func (s *step) packs() bool {
	return s.says("pack") || s.says("fill") || s.says("ladle") || s.says("headspace") || s.says("bubble")
}

// coverWith notes the thin liquids that the sentence puts on the food in the
// jar, or that it puts none. Water that loosens skins covers no jar.
func (d *draft) coverWith(s *step) {
	if len(s.Text) < longSpeech {
		d.coverSaid(s.Text)
		return
	}
	for i := range s.Clauses {
		d.coverSaid(s.Clauses[i].Text)
	}
}

// longSpeech is the length of a sentence that tells a whole method: what one clause
// denies is not denied of the next.
const longSpeech = 300

func (d *draft) coverSaid(text string) {
	if containsAny(text, "juice fills", "juices fill", "spaces fill with juice", "fill with juice",
		"without liquid", "without added liquid", "without adding", "no liquid", "do not add", "don't add",
		"no added", "add no ", "no water", "without water", "pack dry", "packed dry", "pack them dry", "in dry",
		"in their own juice", "in its own juice") || ownJuice.MatchString(text) || waterless.MatchString(text) &&
		!otherWater.MatchString(text) {
		d.dry = true
		return
	}
	if containsAny(text, "skins", "loosen", "soak", "drain", "press") || !containsAny(text, "cover", "fill", "pour",
		"add", "top", "ladle", "pack", " over", " inch", " in.", "headspace") && !inchMark.MatchString(text) &&
		!poursBoiling(text) {
		return
	}
	low := strings.ToLower(text)
	for word, liquid := range map[string]string{"water": "water", "broth": "broth", "stock": "broth",
		"syrup": "fruit-syrup", "juice": "juice", "liquid": "liquid", "liquor": "liquid", "brine": "liquid"} {
		if strings.Contains(low, word) && !(word == "juice" && containsAny(low, "lemon juice", "lime juice")) {
			d.liquids[liquid] = true
		}
	}
}

// poursBoiling reports boiling water among what goes into the jars, and no bath: "hot quarts, salt,
// fresh boiling water".
func poursBoiling(text string) bool {
	return containsAny(text, "boiling water", "boiling hot water", "fresh hot water") &&
		!containsAny(text, "bath", "canner", "min", "process", "kettle", "pot", "dip", "scald",
			"blanch", "second", "plunge", "wash", "rins", "steril", "clean", "stand", "wait", "keep")
}

// inchMark is a headspace with the mark of inches: `1", boiling water`.
var inchMark = pattern.MustCompile(`\d ?["”″]|[½¼¾] ?["”″]`)

// ownJuice is food pressed until its juice stands around it.
var ownJuice = pattern.MustCompile(`(?i)\b(?:press|push|squash)\w*\b.*\b(?:till|until|so) (?:that )?(?:the` +
	`|their|its|own) (?:own )?juices? (?:\pL+ ){0,5}(?:fills?|covers?|rises?|runs?|comes? up|top)\b`)

// waterless is what is packed with no liquid over it, otherWater a liquid that is refused for
// another one.
var (
	waterless = pattern.MustCompile(`(?i)\b(?:never|not|no|nor|don[’']?t|without|needn[’']?t` +
		`|hardly) (?:\pL+ ){0,3}(?:water|liquid|broth|stock)\b|\b(?:water|liquid|broth|stock) (?:is|gets|can be` +
		`|may be|we|i) (?:left out|leave out|not|omit|omitted|forgotten|skip|skipped)\b`)
	otherWater = pattern.MustCompile(`(?i)\b(?:cold|cool|tap|hard|soaking|blanching|cooking|that|dirty|lukewarm` +
		`|much|more|less|enough|out of|run|waste|canner) (?:of )?(?:the )?(?:water|liquid|broth|stock)\b` +
		`|\bnot (?:in )?(?:the |that |their )?(?:water|liquid|broth|stock) (?:you|they|it|we|i|that|from)\b`)
)

// liquidsOf says which liquids lines and method name, and whether the recipe wants none.
func (d *draft) liquidsOf(rec *recipe.Recipe) {
	for i := range d.items {
		for _, g := range []string{"water", "broth", "tomato-juice", "fruit-juice", "fruit-syrup"} {
			if d.items[i].is(g) {
				d.liquids[g] = true
			}
		}
	}
	d.dry = titleHas(foldTitle(rec.Title), noLiquid...)
	for i := range d.steps {
		if !d.steps[i].Serving {
			d.liquidOf(i)
		}
	}
}

// noLiquid are the titles of what is packed dry.
var noLiquid = []string{"no liquid", "without liquid", "no added liquid", "without added liquid", "nothing added",
	"no water", "no added water", "without water", "own juice"}

// liquidOf takes what one sentence says of the liquid that covers the food.
func (d *draft) liquidOf(i int) {
	s := &d.steps[i]
	if s.did("half-solids") {
		d.halfSolids = true
	}
	if containsAny(s.Text, "syrup") && s.names("sugar") && s.names("water") {
		d.liquids["fruit-syrup"] = true
	}
	if inSauce.MatchString(s.Text) {
		d.liquids["sauce"] = true
	}
	if inSyrup.MatchString(s.Text) {
		d.liquids["fruit-syrup"] = true
	}
	if m := liquidOver.FindStringSubmatch(s.Text); m != nil {
		d.coverWith(s)
		if m[2] == "" {
			d.liquids[covers[strings.ToLower(m[5])]] = true
		}
	}
	if m := thenLiquid.FindStringSubmatch(s.Text); m != nil {
		d.coverWith(s)
		d.liquids[covers[strings.ToLower(m[1])]] = true
	}
	if s.fills() || i > 0 && d.steps[i-1].fills() || i == 0 && strings.HasPrefix(strings.ToLower(s.Text), "cover with") {
		d.coverWith(s)
	}
}

// fills reports whether the sentence is about the jars or what goes into them.
func (s *step) fills() bool { return s.jars() || s.packs() }
