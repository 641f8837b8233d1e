package food

import (
	"fmt"
	"slices"
	"strings"
	"unicode"
	"unicode/utf8"

	"damson/core/words"
)

// OwnKinds are the kinds that a kitchen may give a food of its own.
var OwnKinds = []string{"vegetable", "fruit", "meat", "fish", "dairy", "grain", "seasoning", "sweetener", "other"}

// maxOwnName is the length limit of an own food's name in letters.
const maxOwnName = 60

// Own returns a food of the kitchen's own: a name and a kind, its pH left
// unknown. It belongs to no group, so no tested procedure has it and none
// permits it in another's place; it can be named, never cleared. It fails on a
// name that is none and on an unknown kind.
func Own(name, kind string) (*Food, error) {
	name = strings.Join(strings.Fields(name), " ")
	folded := words.FoldPhrase(name)
	switch {
	case folded == "" || strings.ContainsFunc(name, func(r rune) bool { return !unicode.IsLetter(r) && r != ' ' && r != '-' && r != '\'' }):
		return nil, fmt.Errorf("“%s” is no name of a food: write it in letters", name)
	case utf8.RuneCountInString(name) > maxOwnName:
		return nil, fmt.Errorf("the name is longer than %d letters: shorten it", maxOwnName)
	case !slices.Contains(OwnKinds, kind):
		return nil, fmt.Errorf("“%s” is no kind of food: choose one of %s", kind, strings.Join(OwnKinds, ", "))
	}
	return &Food{ID: "own-" + strings.ReplaceAll(folded, " ", "-"), Names: []string{name}, Kind: kind,
		Source: "added by this kitchen; nothing published, pH unknown", FromMemory: true}, nil
}
