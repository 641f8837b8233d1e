package acidity

import "damson/core/food"

// silent are the groups that do not move the class of a mixture: they hold no
// acid to speak of, or only season.
var silent = []string{"water", "salt", "sugar", "dry-seasoning", "herb"}

// Worst returns the class of a mixture from the worst ingredient that matters:
// LowAcid where any food lies above the limit with its whole range, Borderline
// where any straddles it, Acid where all lie at or under it. It is Unknown
// where a food is not known (nil), or where none has a range.
func Worst(foods []*food.Food) string {
	class := Unknown
	for _, f := range foods {
		if f == nil {
			return Unknown
		}
		if f.In(silent...) {
			continue
		}
		switch f.AcidClass() {
		case "low-acid":
			class = LowAcid
		case "borderline":
			if class != LowAcid {
				class = Borderline
			}
		case "acid":
			if class == Unknown {
				class = Acid
			}
		}
	}
	return class
}
