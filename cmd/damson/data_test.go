package main

import (
	"context"
	"encoding/json"
	"os"
	"path/filepath"
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"damson/core/ledger"
	"damson/demo"
	"damson/store"
)

// What is exported can be read in elsewhere, and is the same there.
func TestExportImportBackup(t *testing.T) {
	dir := t.TempDir()
	full, empty := filepath.Join(dir, "full"), filepath.Join(dir, "new")
	st, err := store.Open(full)
	require.NoError(t, err)
	require.NoError(t, demo.Fill(context.Background(), st, time.Date(2026, 11, 25, 12, 0, 0, 0, time.UTC)))
	require.NoError(t, st.MovePieces(context.Background(), 1, []string{"0.1"}, 7))
	require.NoError(t, st.Close())

	out, code, err := call(t, "", "export", "--data", full)
	require.NoError(t, err)
	require.Zero(t, code)
	var d store.Dump
	require.NoError(t, json.Unmarshal([]byte(out), &d))
	for _, table := range []string{"kitchens", "canners", "recipes", "versions", "checks", "meters", "calibrations", "readings", "plans", "plan_dishes", "plan_moves", "jar_stocks"} {
		require.NotEmpty(t, d.Tables[table], table)
	}
	_, code, err = call(t, out, "import", "--data", empty, "-")
	require.NoError(t, err)
	require.Zero(t, code)
	again, _, err := call(t, "", "export", "--data", empty)
	require.NoError(t, err)
	require.JSONEq(t, out, again)

	// What reads it reads the same.
	a, err := store.Open(empty)
	require.NoError(t, err)
	list, err := a.Recipes(context.Background(), "", 0, 100)
	require.NoError(t, err)
	require.Len(t, list, 15)
	require.False(t, list[0].CreatedAt.IsZero())
	k, err := a.Kitchen(context.Background())
	require.NoError(t, err)
	require.Equal(t, 5240, k.ElevationFt)
	require.True(t, k.Canners[0].Rack)
	require.NoError(t, a.Close())

	// Bad ways in: into data that is there, of a newer Damson, of nonsense.
	for text, want := range map[string]string{out: "there is data already", `{"version":99,"tables":{}}`: "newer", `{"version":1}`: "no export", `{`: "no export", `{"version":1,"tables":{"users":[]}}`: "no table"} {
		_, code, err = call(t, text, "import", "--data", empty, "-")
		require.Equal(t, exitUsage, code)
		require.ErrorContains(t, err, want)
	}
	fresh := filepath.Join(dir, "third")
	_, code, err = call(t, `{"version":1,"tables":{"recipes":[{"title":"x","colour":"blue"}]}}`, "import", "--data", fresh, "-")
	require.Equal(t, exitUsage, code)
	require.ErrorContains(t, err, `there is no column "colour"`)
	b, err := store.Open(fresh)
	require.NoError(t, err)
	n, err := b.Recipes(context.Background(), "", 0, 10)
	require.NoError(t, err)
	require.Empty(t, n, "all or nothing")
	require.NoError(t, b.Close())

	copied := filepath.Join(dir, "copy.db")
	_, code, err = call(t, "", "backup", "--data", full, copied)
	require.NoError(t, err)
	require.Zero(t, code)
	info, err := os.Stat(copied)
	require.NoError(t, err)
	require.Greater(t, info.Size(), int64(10000))
	_, code, _ = call(t, "", "backup", "--data", full, copied)
	require.Equal(t, exitUsage, code, "nothing is overwritten")
	for _, args := range [][]string{{"export"}, {"export", "--data", filepath.Join(dir, "nowhere")}, {"backup", "--data", full}, {"import", "--data", fresh, filepath.Join(dir, "nowhere.json")}} {
		_, code, _ = call(t, "", args...)
		require.Equal(t, exitUsage, code, "%v", args)
	}
}

// A backup is put back whole, and whoever signed what is in force by it is named.
func TestRestore(t *testing.T) {
	dir := t.TempDir()
	full, backup := filepath.Join(dir, "full"), filepath.Join(dir, "b.db")
	st, err := store.Open(full)
	require.NoError(t, err)
	ctx := context.Background()
	require.NoError(t, st.AddRecipe(ctx, &store.Recipe{Title: "Plums", Text: "Plums\n5 lb plums"}))
	require.NoError(t, st.AddChecks(ctx, []ledger.Check{
		{Procedure: "plums", Part: "row:a", Status: ledger.Same, Edition: "2015", By: "Ines", On: "2026-11-25", Signed: "Ines"},
		{Procedure: "plums", Part: "row:b", Status: ledger.Same, Edition: "2015", By: "Otto", On: "2026-11-25"},
	}))
	require.NoError(t, st.Close())
	_, code, err := call(t, "", "backup", "--data", full, backup)
	require.NoError(t, err)
	require.Zero(t, code)
	out, code, err := call(t, "", "restore", "--data", full, backup)
	require.NoError(t, err)
	require.Zero(t, code)
	require.Contains(t, out, "What was there before is")
	require.Contains(t, out, "1 checks and procedures signed by Ines")
	require.NotContains(t, out, "Otto", "what nobody signed is held")
	fresh := filepath.Join(dir, "fresh")
	out, _, err = call(t, "", "restore", "--data", fresh, backup)
	require.NoError(t, err)
	require.NotContains(t, out, "before")
	again, err := store.Open(fresh)
	require.NoError(t, err)
	defer again.Close()
	n, err := again.CountRecipes(ctx, "")
	require.NoError(t, err)
	require.Equal(t, 1, n)
	for _, args := range [][]string{{"restore", "--data", full}, {"restore", backup}, {"restore", "--data", full, filepath.Join(dir, "nowhere.db")}, {"restore", "--data", fresh, backup}} {
		_, code, err = call(t, "", args...)
		require.Error(t, err, "%v", args)
		require.NotZero(t, code)
	}
}
