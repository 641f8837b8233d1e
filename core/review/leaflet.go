package review

import (
	"strings"

	"damson/core/method"
	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/quantity"
)

// Jams with a packet of pectin are tested by the maker of the pectin: fruit, sugar and order are
// those of the directions in the packet, and a recipe has to say that it follows them.

// byLeaflet is written behind the pectin where a recipe does not say whose directions it follows.
const byLeaflet = ", by the directions in the package"

// leaflet asks whose directions the recipe follows, where those of a package are what was tested.
func leaflet(b *bench) {
	if b.proc == nil || !b.proc.Leaflet {
		return
	}
	b.leafletBatch()
	b.leafletSugar()
	if b.added["leaflet"] || b.followsLeaflet() {
		return
	}
	for i := range b.items {
		if it := &b.items[i]; !it.serving && it.src != nil && b.role(i) == procedure.Gel {
			b.ask(i, "proportion", Finding{Do: "Is this the recipe in the pectin's package?",
				Message: "With packaged pectin, the fruit, the sugar and the order of work that were tested " +
					"are those of its maker's directions.",
				Remedy: "Follow those directions, and say so: “" + strings.TrimPrefix(byLeaflet, ", ") + "”.",
				Source: b.proc.Citation(), Edits: follow("leaflet")})
			return
		}
	}
}

// leastSugar is the sugar to a measure of fruit below which no regular pectin sets, whatever its
// leaflet (common practice, no source).
const leastSugar = 0.5

// leafletBatch asks about several boxes at once, which no leaflet of a regular pectin has.
func (b *bench) leafletBatch() {
	for i := range b.items {
		box := &b.items[i]
		if box.serving || box.choice || b.role(i) != procedure.Gel || !box.is("powdered-pectin") ||
			box.amount.Unit != quantity.Package {
			continue
		}
		if boxes := box.amount.Max * box.factor; boxes > 1.5 {
			b.ask(i, "batch-size", Finding{Do: "One box at a time", Message: "A larger batch does not set.",
				Remedy: "Make one batch after the other.", Source: b.proc.Citation(), Edits: []Edit{{Op: CutTo, By: 1 / boxes}}})
		}
	}
}

// leafletSugar asks about a fruit with so little sugar as no leaflet of a regular pectin has.
func (b *bench) leafletSugar() {
	fruit, sugar, gel, sweet := 0.0, 0.0, -1, -1
	for i := range b.items {
		it := &b.items[i]
		if it.serving || it.choice {
			continue
		}
		c, known := it.cups()
		switch b.role(i) {
		case procedure.Main:
			fruit += c
		case procedure.GelSugar:
			sugar, sweet = sugar+c, i
			if !known {
				return
			}
		case procedure.Gel:
			gel = i
		}
	}
	if gel < 0 || sweet < 0 || b.items[gel].is("low-sugar-pectin") || sugar >= fruit*leastSugar {
		return
	}
	b.ask(sweet, "sugar-change", Finding{Do: "Pectin made for little sugar",
		Message: "With so little sugar a regular pectin does not set, and the jam moulds sooner.",
		Remedy:  "Use a pectin made for it, by its directions.", Source: b.proc.Citation(),
		Edits: swap(gel, "low-sugar-pectin")})
}

// hasGel reports pectin among what goes into the jar.
func (d *draft) hasGel() bool {
	return d.hasGroup("powdered-pectin") || d.hasGroup("liquid-pectin") || d.hasGroup("low-sugar-pectin")
}

// gelGone reports pectin that the edits took out of the jar.
func (a *attempt) gelGone() bool { return a.first.hasGel() && !a.last.hasGel() }

// followsLeaflet reports whether the title, a line or a clause of the method says that the jam is
// made by the directions of the pectin's package.
func (b *bench) followsLeaflet() bool {
	for i := range b.items {
		if it := &b.items[i]; !it.serving && it.src != nil && goesByLeaflet(it.src.Text) {
			return true
		}
	}
	for t := range b.course {
		if t.c.Kind != method.Unread && !t.c.Negated && goesByLeaflet(t.c.Text) &&
			!changedAfter.MatchString(b.steps[t.s].Text) {
			return true
		}
	}
	return goesByLeaflet(b.req.Recipe.Title)
}

// goesByLeaflet reports whether the words follow a package's directions, and not those of lids
// or of the canner, nor in part only.
func goesByLeaflet(text string) bool {
	return followsPackage.MatchString(text) && !ofOtherPackage.MatchString(text) && !otherThanPackage.MatchString(text)
}

const aPackage = `(?:box(?:es)?|pack(?:age|et|aging|ets|ages)?|pouch|leaflet|insert|sheet|slip|label|pectin` +
	`|jar of pectin)`

var (
	followsPackage = pattern.MustCompile(`(?i)\b(?:directions?|instructions?|recipe|amounts?|measures` +
		`|proportions?)\b[^.;]{0,40}?\b` + aPackage + `\b` +
		`|\b` + aPackage + `(?:['’]s)? (?:directions?|instructions?|recipe|insert|leaflet|sheet)\b` +
		`|\b(?:as|what|how|the way|just like) (?:is |it )?(?:\pL+ ){0,4}?(?:on|in|by) (?:the |its ` +
		`|that )?(?:\pL+ ){0,2}?` + aPackage + `\b` +
		`|\b(?:as|what|how|the way|just like) (?:the |its |that |your )?(?:\pL+ ){0,2}?` + aPackage + ` (?:says?` +
		`|said|directs?|directed|tells?|told|has it|had it|asks?|wants?|gives?|reads?|calls for)\b` +
		`|\b(?:straight |right |copied |taken |comes )(?:off|from|out of) (?:the |its |that ` +
		`|your )?(?:\pL+ ){0,2}?` + aPackage + `\b` +
		`|\b(?:per|follow(?:s|ed|ing)?|according to|go(?:es)? by|going by|went by) (?:the |its |that ` +
		`|your )?(?:\pL+ ){0,2}?` + aPackage + `\b` +
		`|^\W*(?:the |your |my )?(?:pectin )?` + aPackage + ` (?:says|directs)\b`)
	// changedAfter are words of the same sentence that change what was said.
	changedAfter = pattern.MustCompile(`(?i)\b(?:but|except|instead|though|although|half|halve\w*|own` +
		`|other than|apart from|adapted|tweak\w*)\b`)
	ofOtherPackage = pattern.MustCompile(`(?i)\b(?:lids?|bands?|rings?|canners?|gauge|cooker|vinegar|crisp` +
		`|gelatine?|starch|salt|citric|lids['’])\b`)
	otherThanPackage = pattern.MustCompile(`(?i)\b(?:half|halve\w*|double\w*|triple|twice|less|more|fewer|but` +
		`|except|not|never|don['’]t|doesn['’]t|didn['’]t|no|nor|instead|rather|ignore\w*|skip\w*|without|own|cut` +
		`|change\w*|adapt\w*|almost|nearly|mostly|roughly|loosely|sort of|based on|than|only|if|or|unless|whatever` +
		`|ought|should|third|quarter|extra|too|though|although|usually|sometimes)\b`)
)
