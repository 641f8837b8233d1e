package review

import (
	"slices"

	"damson/core/pattern"
	"damson/core/procedure"
)

// Fat that a source allows by its share of the meat: one part of pork fat to three or four of
// venison, ground together (USDA Complete Guide 2015, guide 5, ground or chopped meat; from memory).

// shareOfMain judges fat that goes to the main food by weight.
func (b *bench) shareOfMain(i int, in *procedure.Ingredient) {
	it := &b.items[i]
	if !b.isWith(in) {
		b.ask(i, "fat", Finding{Do: "Leave the " + it.name + " out",
			Message: "The source has it for other meat only: " + in.Name + ".", Source: b.proc.Citation(), Edits: leaveOut(i)})
		return
	}
	fat, known := it.grams()
	meat, weighed := b.items[b.main].grams()
	switch {
	case it.fromStep && it.amount.IsZero() && b.partsTold(it.src.Text):
		b.permit(i, asTested(""))
	case !known || !weighed || it.unclear || it.more:
		b.ask(i, "unclear-amount", Finding{Do: "How much " + it.name + "?", Message: "The source allows " + in.Name + ".",
			Remedy: "Weigh both.", Source: b.proc.Citation(), Edits: leaveOut(i)})
	case fat > meat*in.Share*slack:
		b.ask(i, "fat", Finding{Do: "Less " + it.name, Message: "The source allows " + in.Name + ".",
			Remedy: "Cut it back.", Source: b.proc.Citation(), Edits: cutBack(i, meat*in.Share/fat)})
	default:
		b.permit(i, asTested(""))
	}
}

// isWith reports whether the main food is what the ingredient goes with.
func (b *bench) isWith(in *procedure.Ingredient) bool {
	return b.main >= 0 && b.items[b.main].src != nil && containsAny(b.items[b.main].src.Text, in.With...)
}

// partsTold reports words that give the share as the source has it.
func (b *bench) partsTold(text string) bool {
	return threeOrFour.MatchString(text) && slices.ContainsFunc(b.proc.Ingredients, func(in procedure.Ingredient) bool {
		return in.Share > 0 && containsAny(text, in.With...)
	})
}

var threeOrFour = pattern.MustCompile(`(?i)\b(?:one|1) part (?:of )?(?:\pL+[- ]){0,3}fat to (?:three|four|3` +
	`|4)(?:(?: or | to |-)(?:four|4))? parts\b`)
