package label_test

import (
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/label"
)

func TestOf(t *testing.T) {
	made := time.Date(2026, 11, 28, 0, 0, 0, 0, time.UTC)
	assert.Equal(t, label.Label{Title: "Carrots", Lines: []string{"November 2026 · lot 12", "Boil 15 minutes before tasting", "Cinder Flat Grange"}}, label.Of("Carrots", "Cinder Flat Grange", 12, made, 15))
	assert.Equal(t, []string{"November 2026 · lot 3"}, label.Of("Plums", "", 3, made, 0).Lines)
}

// Every label of every sheet lies on its paper, and none on another.
func TestSheets(t *testing.T) {
	paper := map[string][2]float64{"Letter": {215.9, 279.4}, "A4": {210, 297}}
	for _, s := range label.Sheets {
		list := s.Places(s.PerSheet(), 0)
		size, known := paper[s.Paper]
		require.True(t, known, s.ID)
		for _, p := range list {
			assert.Zero(t, p.Page, s.ID)
			assert.GreaterOrEqual(t, p.X, 0.0)
			assert.LessOrEqual(t, p.X+s.Width, size[0]+0.5, s.ID)
			assert.LessOrEqual(t, p.Y+s.Height, size[1]+0.5, s.ID)
		}
		assert.GreaterOrEqual(t, s.StepX, s.Width, s.ID)
		assert.GreaterOrEqual(t, s.StepY, s.Height, s.ID)
		got, ok := label.SheetBy(s.ID)
		require.True(t, ok)
		assert.Equal(t, s, got)
	}
	_, ok := label.SheetBy("none")
	assert.False(t, ok)
}

// A sheet that is partly used goes on where it is.
func TestPartlyUsed(t *testing.T) {
	s, _ := label.SheetBy("letter-30")
	list := s.Places(5, 28)
	assert.Equal(t, []int{0, 0, 1, 1, 1}, []int{list[0].Page, list[1].Page, list[2].Page, list[3].Page, list[4].Page})
	assert.Equal(t, s.Left+s.StepX, list[0].X)
	assert.Equal(t, s.Left, list[2].X)
	assert.Equal(t, 0, s.Places(1, -5)[0].Page, "less than none is none")
	assert.Equal(t, 0, s.Places(1, 900)[0].Page, "and never more than a sheet")
}
