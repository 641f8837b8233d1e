package review

import (
	"slices"
	"strings"

	"damson/core/food"
	"damson/core/pattern"
	"damson/core/words"
)

// made reads crushed tomatoes, where they are the only tomatoes and the method scalds
// and skins them, as the fresh ones that they are made of.
func (d *draft) made(cat *food.Catalogue) {
	skinned := slices.ContainsFunc(d.steps, func(s step) bool {
		return !s.Serving && containsAny(s.Text, "scald",
			"skins", "peel", "slip the")
	})
	if slices.ContainsFunc(d.items, func(it item) bool { return it.is("tomato") && !it.fromStep }) {
		return
	}
	for i := range d.items {
		it := &d.items[i]
		if !it.fromStep || !it.amount.IsZero() || !skinned || !strings.HasPrefix(words.FoldPhrase(it.name),
			"crushed ") || it.ref == nil || !strings.Contains(it.ref.ID, "tomato") {
			continue
		}
		it.ref, it.head, it.state = cat.ByID("tomato"), nil, nil
	}
}

// boneInByTitle reads poultry as bone-in where the title says so.
func (d *draft) boneInByTitle(cat *food.Catalogue) {
	titled := titleHas(d.folded, "with bone", "with the bone", "bone in", "bone left in", "bone still in", "bone kept in",
		"on the bone") && !titleHas(d.folded, "bone broth", "bone stock")
	if !titled && !d.saysBoneIn() || d.takesBonesOut() {
		return
	}
	for i := range d.items {
		if it := &d.items[i]; it.is("poultry") && !it.done("boned") {
			it.ref = cat.ByID("bone-in-poultry")
		}
	}
}

// takesBonesOut reports whether the method takes the bones out, whatever the title says.
func (d *draft) takesBonesOut() bool {
	for i := range d.steps {
		if st := &d.steps[i]; !st.Serving && bonesTaken.MatchString(st.Text) && !boneStays.MatchString(st.Text) {
			return true
		}
	}
	return false
}

// bonesTaken is what takes them out, and not what a book says of meat without them.
var bonesTaken = pattern.MustCompile(`(?i)\b(?:remove\w*|take|pull|lift|pick\w*|strip\w*|cut) ` +
	`(?:(?:all|any|most|of|the|its|their|your|meat|flesh|it|out|off|away|from) ){0,5}bones?\b` +
	`|\bbones? (?:\pL+ ){0,2}(?:out|off|away|removed)\b|\bbone(?:d|less)\b|\bdebone|\bbone (?:it|them|the)\b` +
	`|\bno bones\b`)

// saysBoneIn reports whether the method keeps the bones in, and takes none out.
func (d *draft) saysBoneIn() bool {
	in := false
	for i := range d.steps {
		st := &d.steps[i]
		switch {
		case st.Serving:
		case boneStays.MatchString(st.Text):
			in = true
		case boneOut.MatchString(st.Text):
			return false
		case boneIn.MatchString(st.Text):
			in = true
		}
	}
	return in
}

var (
	boneIn = pattern.MustCompile(`(?i)\b(?:with|leave|leaving|left|keep|keeping) (?:the |all the ` +
		`|their )?bones? (?:left |still )?in ?(?:[,.;:)]|$)|\bbones?[- ](?:(?:are |is )?(?:left|still|kept) )?in ?` +
		`(?:[,.;:)]|$)|\bon the bone\b`)
	// boneStays is told by what is not done to it, or by what is canned.
	boneStays = pattern.MustCompile(`(?i)\b(?:do not|don['’]t|never) (?:remove|take out|pick out) (?:the ` +
		`|any )?bones?\W*$|\bbones? (?:stays?|all stay) in\W*$|(?:^|[.;] ?|\b(?:i|we|and|then) )(?:can|pack|put up` +
		`|bottle) (?:(?:it|them|mine|the \pL+|\pL+) )?(?:with (?:the |their |its )?bones?|bones? and all)\W*$`)
	boneOut = pattern.MustCompile(`(?i)\b(?:no|not|never|without|off|out|from|remove\w*|take|pull|lift|pick\w*` +
		`|strip\w*) (?:\pL+ ){0,3}bones?\b|\bbones? (?:\pL+ ){0,2}(?:out|off|away|removed)\b|\bbone(?:d|less)\b` +
		`|\bdebone|\bbone (?:it|them|the)\b`)
)
