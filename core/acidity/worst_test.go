package acidity

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/food"
)

// Ranges from the FDA pH table, from memory.
func TestWorst(t *testing.T) {
	peach := &food.Food{PH: []float64{3.3, 4.05}}
	tomato := &food.Food{PH: []float64{4.3, 4.9}}
	onion := &food.Food{PH: []float64{5.32, 5.6}}
	salt := &food.Food{Groups: []string{"salt"}}
	basil := &food.Food{Groups: []string{"herb"}, PH: []float64{5.5, 6.6}}
	for name, c := range map[string]struct {
		foods []*food.Food
		want  string
	}{
		"acid":             {[]*food.Food{peach, salt}, Acid},
		"borderline":       {[]*food.Food{peach, tomato}, Borderline},
		"low-acid":         {[]*food.Food{peach, onion, tomato}, LowAcid},
		"herbs are silent": {[]*food.Food{peach, basil}, Acid},
		"not known":        {[]*food.Food{onion, nil}, Unknown},
		"nothing":          {nil, Unknown},
		"only salt":        {[]*food.Food{salt}, Unknown},
	} {
		require.Equal(t, c.want, Worst(c.foods), name)
	}
}
