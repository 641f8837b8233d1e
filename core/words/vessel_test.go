package words_test

import (
	"testing"

	"github.com/stretchr/testify/assert"

	"damson/core/words"
)

func TestVessel(t *testing.T) {
	for _, w := range []string{"saucepot", "stockpot", "stewpan", "soupkettle", "dishpan", "saucepans"} {
		assert.True(t, words.Vessel(w), w)
	}
	for _, w := range []string{"pot", "spot", "marzipan", "hotpot", "apricot", "jackpot", "multipot", "presspot", "quickpot", "ricepot", "electropot"} {
		assert.False(t, words.Vessel(w), w)
	}
}
