package demo

import (
	"context"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"damson/knowledge"
	"damson/store"
)

func TestFill(t *testing.T) {
	ctx := context.Background()
	st, err := store.Open(t.TempDir())
	require.NoError(t, err)
	defer st.Close()
	today := time.Date(2026, 11, 24, 12, 0, 0, 0, time.UTC)
	require.NoError(t, Fill(ctx, st, today))
	k, err := st.Kitchen(ctx)
	require.NoError(t, err)
	require.Equal(t, "Cinder Flat Grange", k.Name)
	require.Equal(t, 5240, k.ElevationFt)
	gauges := map[string]bool{}
	for _, c := range k.Canners {
		gauges[c.Gauge] = true
	}
	require.True(t, gauges["dial"] && gauges["weighted"])

	list, err := st.Recipes(ctx, "", 0, 100)
	require.NoError(t, err)
	require.GreaterOrEqual(t, len(list), 8)
	versions := 0
	for _, r := range list {
		v, err := st.Versions(ctx, r.ID)
		require.NoError(t, err)
		require.Equal(t, r.Text, v[len(v)-1].Text, r.Title)
		versions = max(versions, len(v))
		require.NotEmpty(t, r.SentBy, r.Title)
		require.False(t, r.CreatedAt.After(today), r.Title)
		require.False(t, strings.HasPrefix(r.Text, "from:"), r.Title)
	}

	require.Equal(t, 2, versions, "one recipe shows what mending did")

	lib, err := knowledge.Load()
	require.NoError(t, err)
	propane, known := lib.Plan.Fuel("lb")
	require.True(t, known)
	spent, err := st.SpentBefore(ctx)
	require.NoError(t, err)
	require.NotEmpty(t, spent[1])
	for _, x := range spent[1] {
		require.InDelta(t, x.Heat*propane.KWh, x.KWh, 1e-9, "the demo reckons with the table's propane")
	}

	// A store that has a kitchen is left alone.
	require.NoError(t, Fill(ctx, st, today))
	again, err := st.Recipes(ctx, "", 0, 100)
	require.NoError(t, err)
	require.Len(t, again, len(list))
}

func TestParse(t *testing.T) {
	today := time.Date(2026, 11, 24, 0, 0, 0, 0, time.UTC)
	r, err := parse("from: Osric Vale\ndays: 3\njar: pint\npack: raw\n\nPlums\n5 lb plums\n", today)
	require.NoError(t, err)
	require.Equal(t, "Plums", r.Title)
	require.Equal(t, "Osric Vale", r.SentBy)
	require.Equal(t, "pint", r.Jar)
	require.Equal(t, "raw", r.Pack)
	require.Equal(t, 21, r.CreatedAt.Day())
	for _, bad := range []string{"no head", "days: soon\n\nPlums", "colour: red\n\nPlums"} {
		_, err := parse(bad, today)
		require.Error(t, err, bad)
	}
}
