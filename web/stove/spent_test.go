package stove

import (
	"context"
	"fmt"
	"net/http"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/store"
)

// Water and heat of a load are noted on its page, in the units of the kitchen.
func TestSpent(t *testing.T) {
	ctx := context.Background()
	p := newPlace(t)
	k := store.Kitchen{Name: "Here", ElevationFt: 5240, Canners: []store.Canner{{ID: 4, Name: "Big dial canner", Kind: "pressure", Gauge: "dial", Quarts: 7, Layers: 1}}}
	require.NoError(t, p.st.SetUp(ctx, &k))
	id := p.on(24*60, whole)
	at := fmt.Sprintf("/stove/%d", id)
	_, body := p.get(at)
	has(t, body, "What it took")
	has(t, body, "kWh at the burner is reckoned")
	for what, pairs := range map[string][]string{
		"is no amount of water":             {"water", "a lot", "heat", "1.5", "fuel", "kwh"},
		"“-2” is no amount of water":        {"water", "-2"},
		"“900” is no amount of water":       {"water", "900"},
		"Choose what the meter":             {"heat", "1.5"},
		"takes of lb of propane":            {"heat", "80", "fuel", "lb"},
		"takes of kWh of electricity":       {"heat", "<b>", "fuel", "kwh"},
		"Choose what the meter or the scal": {"heat", "1", "fuel", "wood"},
	} {
		code, body := p.post(at+"/spent", pairs...)
		assert.Equal(t, http.StatusUnprocessableEntity, code, what)
		has(t, body, what)
		hasNot(t, body, `value="<b>"`)
	}
	before, err := p.st.SpentBefore(ctx)
	require.NoError(t, err)
	require.Empty(t, before)

	code, _ := p.post(at+"/spent", "water", "3.8", "unit", "l", "heat", "0.4", "fuel", "lb")
	require.Equal(t, http.StatusSeeOther, code)
	got, err := p.st.SpentBy(ctx, id)
	require.NoError(t, err)
	assert.InDelta(t, 4.015, got.WaterQuarts, 0.001, "3.8 l: 1 US quart is 0.946353 l (NIST Handbook 44, appendix C)")
	assert.InDelta(t, 2.52, got.KWh, 1e-9)
	assert.Greater(t, got.ReckonedKWh, 0.5)
	assert.EqualValues(t, 4, got.CannerID)
	_, body = p.get(at)
	has(t, body, "2.5 kWh")

	running := fmt.Sprintf("/stove/%d", p.on(30, ""))
	_, body = p.get(running)
	hasNot(t, body, "What it took", "not before the jars are out")
	code, _ = p.post(running+"/spent", "water", "3")
	assert.Equal(t, http.StatusConflict, code)
	code, _ = p.post("/stove/999/spent", "water", "3")
	assert.Equal(t, http.StatusNotFound, code)
}
