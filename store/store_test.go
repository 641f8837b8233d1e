package store

import (
	"context"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/food"
	"damson/core/ledger"
	"damson/core/procedure"
)

func TestRecipeRoundTrip(t *testing.T) {
	ctx := context.Background()
	dir := t.TempDir()
	s, err := Open(dir)
	require.NoError(t, err)
	r := Recipe{Title: "Plums", Text: "5 lb plums\nwater", SentBy: "Perpetua", Jar: "pint"}
	require.NoError(t, s.AddRecipe(ctx, &r))
	require.NotZero(t, r.ID)
	r.Text = "6 lb plums\nwater"
	require.NoError(t, s.SaveRecipe(ctx, &r, ""))
	require.NoError(t, s.Close())

	s, err = Open(dir) // migrations run once
	require.NoError(t, err)
	defer s.Close()
	got, err := s.Recipe(ctx, r.ID)
	require.NoError(t, err)
	require.Equal(t, "6 lb plums\nwater", got.Text)
	_, err = s.Recipe(ctx, 99)
	require.ErrorIs(t, err, ErrNotFound)
	require.ErrorIs(t, s.SaveRecipe(ctx, &Recipe{ID: 99}, ""), ErrNotFound)
}

func TestVersions(t *testing.T) {
	ctx := context.Background()
	dir := t.TempDir()
	s, err := Open(dir)
	require.NoError(t, err)
	defer s.Close()
	r := Recipe{Title: "Plums", Text: "5 lb plums"}
	require.NoError(t, s.AddRecipe(ctx, &r))
	r.Jar = "pint"
	require.NoError(t, s.SaveRecipe(ctx, &r, ""), "another jar is no new version")
	r.Text, r.Why = "10 lb plums", "scaled by 2"
	require.NoError(t, s.SaveRecipe(ctx, &r, ""))
	got, err := s.Versions(ctx, r.ID)
	require.NoError(t, err)
	require.Len(t, got, 2)
	require.Equal(t, []any{1, "5 lb plums", 2, "10 lb plums", "scaled by 2"}, []any{got[0].No, got[0].Text, got[1].No, got[1].Text, got[1].Why})

	// A chosen procedure is kept; choosing makes no version.
	require.NoError(t, s.CompareWith(ctx, r.ID, "plums", ""))
	require.NoError(t, s.SaveRecipe(ctx, &r, ""), "and stays when the recipe is mended")
	back, err := s.Recipe(ctx, r.ID)
	require.NoError(t, err)
	require.Equal(t, "plums", back.Procedure)
	got, err = s.Versions(ctx, r.ID)
	require.NoError(t, err)
	require.Len(t, got, 2)
}

// Recipes from before there were versions get their first.
func TestFirstVersions(t *testing.T) {
	dir := t.TempDir()
	s, err := connect(mkfile(t, filepath.Join(dir, fileName)), "rw", "immediate")
	require.NoError(t, err)
	require.NoError(t, s.migrate(0, 2))
	require.NoError(t, s.db.Exec("INSERT INTO recipes (title, text, sent_by, jar, pack, method, created_at, updated_at) VALUES ('Plums', '10 lb plums', '', '', '', '', '2026-01-01 10:00:00+00:00', '2026-01-01 10:00:00+00:00')").Error)
	require.NoError(t, s.Close())
	s, err = Open(dir)
	require.NoError(t, err)
	defer s.Close()
	got, err := s.Versions(context.Background(), 1)
	require.NoError(t, err)
	require.Len(t, got, 1)
	require.Equal(t, "10 lb plums", got[0].Text)
}

func TestOwnFoods(t *testing.T) {
	ctx := context.Background()
	s, err := Open(t.TempDir())
	require.NoError(t, err)
	defer s.Close()
	f, err := food.Own("brambleberry", "fruit")
	require.NoError(t, err)
	require.NoError(t, s.AddFood(ctx, f))
	require.NoError(t, s.AddFood(ctx, f), "again is the same")
	got, err := s.Foods(ctx)
	require.NoError(t, err)
	require.Equal(t, []*food.Food{f}, got)
	require.NoError(t, s.DeleteFood(ctx, f.ID))
	require.ErrorIs(t, s.DeleteFood(ctx, f.ID), ErrNotFound)
}

func TestKitchenAndCanners(t *testing.T) {
	ctx := context.Background()
	s, err := Open(t.TempDir())
	require.NoError(t, err)
	defer s.Close()
	_, err = s.Kitchen(ctx)
	require.ErrorIs(t, err, ErrNotFound)
	k := Kitchen{Name: "Grange", ElevationFt: 5240, Canners: []Canner{{ID: 1, Name: "big", Kind: "pressure", Gauge: "dial"}, {ID: 2, Name: "small", Kind: "pressure", Gauge: "weighted"}}, CannerID: 2}
	require.NoError(t, s.SetUp(ctx, &k))
	got, err := s.Kitchen(ctx)
	require.NoError(t, err)
	require.Len(t, got.Canners, 2)
	require.Equal(t, "weighted", got.Gauge())
	got.CannerID = 1
	require.NoError(t, s.SavePlace(ctx, &got, ""))
	got, err = s.Kitchen(ctx)
	require.NoError(t, err)
	require.Equal(t, "dial", got.Gauge())
	require.Len(t, got.Canners, 2)
}

func TestPragmas(t *testing.T) {
	s, err := Open(t.TempDir())
	require.NoError(t, err)
	defer s.Close()
	for pragma, want := range map[string]string{"journal_mode": "wal", "foreign_keys": "1", "busy_timeout": "5000", "synchronous": "2"} {
		var got string
		require.NoError(t, s.db.Raw("PRAGMA "+pragma).Scan(&got).Error)
		require.Equal(t, want, got, pragma)
	}
	require.Error(t, s.db.Exec("INSERT INTO canners (id, kitchen_id, name, kind, gauge) VALUES (9, 7, '', '', '')").Error, "foreign keys are on")
}

func TestNewerDataIsRefused(t *testing.T) {
	dir := t.TempDir()
	s, err := Open(dir)
	require.NoError(t, err)
	require.NoError(t, s.db.Exec("PRAGMA user_version = 999").Error)
	require.NoError(t, s.Close())
	_, err = Open(dir)
	require.ErrorContains(t, err, "newer")
}

// TestSurvivesKill writes from a child process that is killed the moment it
// says that the write is confirmed; the row must be there.
func TestSurvivesKill(t *testing.T) {
	if dir := os.Getenv("DAMSON_KILL_DIR"); dir != "" {
		s, err := Open(dir)
		require.NoError(t, err)
		require.NoError(t, s.AddRecipe(context.Background(), &Recipe{Title: "kept", Text: "x"}))
		_, _ = os.Stdout.WriteString("confirmed\n")
		select {} // waits to be killed
	}
	dir := t.TempDir()
	cmd := exec.Command(os.Args[0], "-test.run=^TestSurvivesKill$")
	cmd.Env = append(os.Environ(), "DAMSON_KILL_DIR="+dir)
	out, err := cmd.StdoutPipe()
	require.NoError(t, err)
	require.NoError(t, cmd.Start())
	buf := make([]byte, 64)
	for got := ""; !strings.Contains(got, "confirmed"); {
		n, err := out.Read(buf)
		require.NoError(t, err)
		got += string(buf[:n])
	}
	require.NoError(t, cmd.Process.Kill())
	_ = cmd.Wait()
	require.FileExists(t, filepath.Join(dir, fileName))
	s, err := Open(dir)
	require.NoError(t, err)
	defer s.Close()
	list, err := s.Recipes(context.Background(), "", 0, 10)
	require.NoError(t, err)
	require.Len(t, list, 1)
	require.Equal(t, "kept", list[0].Title)
}

func TestLedgerAndOwnProcedures(t *testing.T) {
	ctx := context.Background()
	dir := t.TempDir()
	s, err := Open(dir)
	require.NoError(t, err)
	checks := []ledger.Check{
		{Procedure: "plums", Part: "row:a", Status: ledger.Same, Edition: "2015", By: "Ines", On: "2026-11-25"},
		{Procedure: "plums", Part: "row:a", Status: ledger.Differs, Values: "20 min", Edition: "2015", By: "Ines", On: "2026-11-26"},
	}
	require.NoError(t, s.AddChecks(ctx, checks))
	p := procedure.Procedure{ID: "own-quince", Title: "Quince", Rows: []procedure.Row{{Method: "water-bath", Jar: "pint", Minutes: procedure.Everywhere(20), HeadspaceIn: 0.5}}}
	require.NoError(t, s.AddProcedures(ctx, []*procedure.Procedure{&p}, "Ines", "Ines"))
	other := procedure.Procedure{ID: "own-other"}
	require.Error(t, s.AddProcedures(ctx, []*procedure.Procedure{&other, &p}, "Ines", "Ines"), "the id is taken")
	require.NoError(t, s.Choose(ctx, "unsealed", "Either", ""))
	require.NoError(t, s.Choose(ctx, "unsealed", "Refrigerate or freeze", ""))
	require.NoError(t, s.Close())

	s, err = Open(dir)
	require.NoError(t, err)
	defer s.Close()
	got, err := s.Checks(ctx)
	require.NoError(t, err)
	require.Equal(t, checks, got, "oldest first")
	own, err := s.Procedures(ctx)
	require.NoError(t, err)
	require.Len(t, own, 1, "all of them or none")
	require.Equal(t, OwnProcedure{ID: p.ID, By: "Ines", Signed: "Ines", Procedure: &p}, own[0])
	chosen, err := s.Choices(ctx)
	require.NoError(t, err)
	require.Equal(t, map[string]string{"unsealed": "Refrigerate or freeze"}, chosen)
	require.NoError(t, s.DeleteProcedure(ctx, "own-quince"))
	require.ErrorIs(t, s.DeleteProcedure(ctx, "own-quince"), ErrNotFound)
}

func TestPlans(t *testing.T) {
	ctx := context.Background()
	s, err := Open(t.TempDir())
	require.NoError(t, err)
	defer s.Close()
	r := Recipe{Title: "Plums", Text: "5 lb plums"}
	require.NoError(t, s.AddRecipe(ctx, &r))
	p := Plan{OnDay: "2026-11-28", Clock: "17:30", Done: true, Dishes: []PlanDish{{RecipeID: r.ID, Jars: 7}, {RecipeID: r.ID, Jars: 9, Wide: true}}}
	require.NoError(t, s.AddPlan(ctx, &p))
	require.NoError(t, s.MovePieces(ctx, p.ID, []string{"0.1"}, 10))
	require.NoError(t, s.MovePieces(ctx, p.ID, []string{"0.1"}, -4))
	got, err := s.Plan(ctx, p.ID)
	require.NoError(t, err)
	require.Len(t, got.Dishes, 2)
	require.Equal(t, []PlanMove{{p.ID, "0.1", 6}}, got.Moves)
	got.Dishes = got.Dishes[1:]
	got.Clock = "09:00"
	require.NoError(t, s.SavePlan(ctx, &got, ""))
	got, err = s.Plan(ctx, p.ID)
	require.NoError(t, err)
	require.Len(t, got.Dishes, 1)
	require.True(t, got.Dishes[0].Wide)
	require.Empty(t, got.Moves, "the day is laid out anew")
	list, err := s.Plans(ctx, 10)
	require.NoError(t, err)
	require.Len(t, list, 1)
	require.NoError(t, remove(s, KindPlan, p.ID))
	require.ErrorIs(t, remove(s, KindPlan, p.ID), ErrNotFound)
	_, err = s.Plan(ctx, p.ID)
	require.ErrorIs(t, err, ErrNotFound)
}

func TestTook(t *testing.T) {
	ctx := context.Background()
	s, err := Open(t.TempDir())
	require.NoError(t, err)
	defer s.Close()
	k := Kitchen{Name: "Grange", Burners: 4, Canners: []Canner{{ID: 1, Name: "Dial", Kind: "pressure", Gauge: "dial", Quarts: 7}}}
	require.NoError(t, s.SetUp(ctx, &k))
	for i := range 12 {
		require.NoError(t, s.AddTook(ctx, []Took{{CannerID: 1, OnDay: "2026-11-20", Piece: "rise", Minutes: 10 + i}}))
	}
	got, err := s.TookBefore(ctx)
	require.NoError(t, err)
	require.Equal(t, []int{21, 20, 19, 18, 17, 16, 15, 14, 13}, got[1]["rise"], "the newest nine")
	require.Error(t, s.AddTook(ctx, []Took{{CannerID: 9, Piece: "rise", Minutes: 5}}), "there is no such canner")
}

func TestEquipment(t *testing.T) {
	ctx := context.Background()
	s, err := Open(t.TempDir())
	require.NoError(t, err)
	defer s.Close()
	k := Kitchen{Name: "Grange", ElevationFt: 5240, Burners: 4, CannerID: 1, Canners: []Canner{{ID: 1, Name: "Both", Kind: "pressure", Gauge: "both", Quarts: 7, Rack: true}}}
	require.NoError(t, s.SetUp(ctx, &k))
	require.Equal(t, "weighted", k.Gauge(), "the weight governs")
	c := Canner{Name: "Bath", Kind: "water-bath", Quarts: 7, Pints: 9, Layers: 1}
	require.NoError(t, s.SaveCanner(ctx, &c, ""))
	c.Pints = 8
	require.NoError(t, s.SaveCanner(ctx, &c, ""))
	k, err = s.Kitchen(ctx)
	require.NoError(t, err)
	require.Len(t, k.Canners, 2)
	require.Equal(t, 8, k.Canners[1].Pints)
	require.False(t, k.Canners[1].Rack)
	require.NoError(t, remove(s, KindCanner, c.ID))
	require.ErrorIs(t, remove(s, KindCanner, c.ID), ErrNotFound)
	require.NoError(t, s.SaveStock(ctx, 4, 60, 24, []JarStock{{"quart", false, 14}, {"quart", true, 6}}, ""))
	require.NoError(t, s.SaveStock(ctx, 4, 60, 24, []JarStock{{"pint", false, 24}}, ""))
	jars, err := s.JarStocks(ctx)
	require.NoError(t, err)
	require.Equal(t, []JarStock{{"pint", false, 24}}, jars)
}

func remove(s *Store, kind string, id int64) error {
	_, err := s.Remove(context.Background(), kind, id)
	return err
}
