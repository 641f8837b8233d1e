package food

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/quantity"
)

func onion() *Food {
	return &Food{
		ID:     "onion",
		Names:  []string{"onion", "yellow onion"},
		Kind:   "vegetable",
		Groups: []string{"allium", "bulb-onion"},
		PH:     []float64{5.32, 5.6},
		Cup:    map[string]float64{"chopped": 160, "sliced": 115},
		Each:   110,
		Source: "FDA",
	}
}

func TestAcidClass(t *testing.T) {
	for _, c := range []struct {
		ph   []float64
		want string
	}{
		{nil, "neutral"},
		{[]float64{3.3, 4.05}, "acid"},
		{[]float64{3.3, 4.6}, "acid"},
		{[]float64{4.3, 4.9}, "borderline"},
		{[]float64{4.6, 5.0}, "borderline"},
		{[]float64{4.61, 5.0}, "low-acid"},
	} {
		require.Equal(t, c.want, (&Food{PH: c.ph}).AcidClass(), "%v", c.ph)
	}
}

func TestGroups(t *testing.T) {
	require.True(t, onion().In("capsicum", "allium"))
	require.False(t, onion().In("capsicum"))
	require.False(t, (*Food)(nil).In("allium"), "no food is in no group")
	require.False(t, (*Food)(nil).HasPH())
}

func TestWeights(t *testing.T) {
	f := onion()
	for _, c := range []struct {
		v    float64
		unit quantity.Unit
		form string
		want float64
	}{
		{2, quantity.Cup, "chopped", 320},
		{2, quantity.Cup, "sliced", 230},
		{1, quantity.Cup, "grated", 160}, // the nearest form that is listed
		{1, quantity.Lb, "whole", 453.59237},
		{3, quantity.Each, "whole", 330},
	} {
		got, ok := f.Grams(c.v, c.unit, c.form)
		require.True(t, ok)
		require.InDelta(t, c.want, got, 1e-6)
	}
	cups, ok := f.Cups(320, quantity.G, "chopped")
	require.True(t, ok)
	require.InDelta(t, 2, cups, 1e-9)
	for _, c := range []struct {
		food *Food
		unit quantity.Unit
	}{
		{f, quantity.Bunch},
		{&Food{}, quantity.Cup},
		{&Food{}, quantity.Each},
		{nil, quantity.Cup},
	} {
		_, ok := c.food.Grams(1, c.unit, "whole")
		require.False(t, ok, "nothing is guessed")
	}
}

func TestCatalogue(t *testing.T) {
	c, err := NewCatalogue([]*Food{onion()})
	require.NoError(t, err)
	require.NotNil(t, c.ByID("onion"))
	require.NotNil(t, c.ByName("yellow onion"))
	require.Nil(t, c.ByName("yellow"))
	require.Len(t, c.All(), 1)
	require.Len(t, c.Names(), 2)
}

func TestCatalogueRefuses(t *testing.T) {
	for name, spoil := range map[string]func(*Food){
		"no id":           func(f *Food) { f.ID = "" },
		"no name":         func(f *Food) { f.Names = nil },
		"no kind":         func(f *Food) { f.Kind = "" },
		"no source":       func(f *Food) { f.Source = "" },
		"half a range":    func(f *Food) { f.PH = []float64{5} },
		"range reversed":  func(f *Food) { f.PH = []float64{6, 5} },
		"beyond fourteen": func(f *Food) { f.PH = []float64{6, 15} },
		"light as air":    func(f *Food) { f.Cup["chopped"] = 1 },
		"heavy as lead":   func(f *Food) { f.Cup["chopped"] = 2700 },
	} {
		f := onion()
		spoil(f)
		_, err := NewCatalogue([]*Food{f})
		require.Error(t, err, name)
	}
	other := onion()
	other.ID = "shallot"
	_, err := NewCatalogue([]*Food{onion(), other})
	require.ErrorContains(t, err, "belongs to")
	_, err = NewCatalogue([]*Food{onion(), onion()})
	require.ErrorContains(t, err, "taken")
}
