package acidity

import (
	"errors"
	"fmt"
)

// TestedVinegar is the percent of acetic acid that tested recipes are made with
// (USDA Complete Guide 2015, guide 6).
const TestedVinegar = 5.0

// Brine is vinegar with water in it, both in the same unit of volume.
type Brine struct {
	Vinegar, Water float64
	// Percent is the strength of the vinegar on its label.
	Percent float64
}

// Strength returns the percent of acid in the whole brine. It fails on amounts
// below nought, no vinegar, or a strength that no table vinegar has.
func (b Brine) Strength() (float64, error) {
	switch {
	case b.Percent <= 0 || b.Percent > 25:
		return 0, fmt.Errorf("a strength of %g %% is none that vinegar has: read the label, 4 to 7 %%", b.Percent)
	case b.Vinegar <= 0 || b.Water < 0:
		return 0, errors.New("the vinegar must be more than nothing, the water not less")
	}
	return b.Percent * b.Vinegar / (b.Vinegar + b.Water), nil
}

// Against returns how strong the brine is against a tested one, 1 being as
// strong.
func (b Brine) Against(tested Brine) (float64, error) {
	is, err := b.Strength()
	if err != nil {
		return 0, err
	}
	want, err := tested.Strength()
	if err != nil {
		return 0, err
	}
	return is / want, nil
}

// Advice says what to do with a bottle of this strength in place of 5 percent.
// Weak vinegar is not made good by using more of it: what the larger measure
// does to the tested brine was never tested.
func Advice(percent float64) string {
	switch {
	case percent < TestedVinegar:
		return fmt.Sprintf("Not this one: %g %% is weaker than the tested 5 %%. More of it is no way round, for the measure was not tested either. Keep it for salads.", percent)
	case percent == TestedVinegar:
		return "This is what the recipes were tested with."
	case percent <= 7:
		return fmt.Sprintf("Fine as it is, measure for measure: %g %% is stronger than tested, so safer and sharper. Sweeten to taste; do not add water for it.", percent)
	}
	return fmt.Sprintf("At %g %% this is no table vinegar: it burns, and no tested recipe measures it. Use 5 %%.", percent)
}
