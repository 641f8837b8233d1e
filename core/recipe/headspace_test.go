package recipe_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// A headspace is read in figures and in words, in inches and in centimetres; the length of a
// piece, of a stem, or of the water over the jars is none.
func TestHeadspaceTold(t *testing.T) {
	const recipe = "Beans in pints\n\n5 lb dried pinto beans\n\nBoil 30 minutes. Fill hot pint jars with beans. @ Wipe the rims, lids on.\n"
	for said, want := range map[string]float64{
		"Leave a quarter inch at the top.": 0.25, "A half inch from the rim.": 0.5, "Quarter-inch headspace.": 0.25, "Three quarters of an inch from the top.": 0.75,
		"Leave yourself an inch.": 1, "A gap of 2.5 cm.": 0.98, "Stop 1/4 inch short of the rim.": 0.25, "The measuring stick says 1 inch.": 1,
		"Cut in 1 inch pieces.": 0, "Leave an inch of stem.": 0, "A quarter inch of fat.": 0, "One inch of water over the jars.": 0,
	} {
		rec, err := reader.Text(strings.Replace(recipe, "@", said, 1))
		require.NoError(t, err)
		if want == 0 {
			assert.Nil(t, rec.Stated.Headspace, said)
			continue
		}
		if assert.NotNil(t, rec.Stated.Headspace, said) {
			assert.InDelta(t, want, rec.Stated.Headspace.Value, 0.001, said)
		}
	}
}

// Jars that are hot, and what is poured over, make no hot pack; food that is hot does.
func TestHotPackTold(t *testing.T) {
	for said, want := range map[string]string{
		"Fill hot pint jars with beans.": "", "Fill hot, clean pint jars with beans.": "", "Pour hot water over the beans in the jars.": "", "Ladle boiling brine over.": "",
		"Pack hot into pint jars.": "hot", "Fill pint jars with the hot beans.": "hot", "Hot pack in pints.": "hot", "Raw pack in pints.": "raw",
	} {
		rec, err := reader.Text("Beans\n\n5 lb dried pinto beans\n\n" + said + " Wipe the rims, lids on.\n")
		require.NoError(t, err)
		got := ""
		if len(rec.Stated.Packs) > 0 {
			got = rec.Stated.Packs[0].Value
		}
		assert.Equal(t, want, got, said)
	}
}
