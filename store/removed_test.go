package store

import (
	"context"
	"testing"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"
)

// full returns a store with a row in each of its tables that a removal touches.
func full(t testing.TB) *Store {
	ctx := context.Background()
	s, r := withKitchen(t)
	r.Text, r.Why = "Plums\n6 lb plums", "more"
	require.NoError(t, s.SaveRecipe(ctx, &r, ""))
	other := Recipe{Title: "Pears", Text: "Pears\n4 lb pears"}
	require.NoError(t, s.AddRecipe(ctx, &other))
	require.NoError(t, s.AddAnswer(ctx, Answer{RecipeID: &r.ID, Words: "brannet", Answer: "tool"}, ""))
	require.NoError(t, s.AddAnswer(ctx, Answer{Words: "crinkum", Answer: "talk"}, ""))
	p := Plan{OnDay: "2026-11-28", Clock: "17:30", Dishes: []PlanDish{{RecipeID: r.ID, Jars: 7}, {RecipeID: other.ID, Jars: 4, Wide: true}}}
	require.NoError(t, s.AddPlan(ctx, &p))
	require.NoError(t, s.MovePieces(ctx, p.ID, []string{"0.1"}, 5))
	require.NoError(t, s.AddTook(ctx, []Took{{CannerID: 2, OnDay: "2026-11-20", Piece: "rise", Minutes: 14}}))
	ran := Run{Title: "Beans", CannerID: 2, Canner: "Dial", Jar: "pint", Method: "pressure", Minutes: 25, PSI: 13, Gauge: "dial", Hold: 13, Vent: 10, Class: "low-acid", Jars: 9}
	require.NoError(t, s.AddRun(ctx, &ran))
	require.NoError(t, s.SaveSpent(ctx, Spent{RunID: ran.ID, CannerID: 2, WaterQuarts: 3.5, Heat: 2, Fuel: "kwh", KWh: 2, ReckonedKWh: 1.6}))
	m := Meter{Name: "Bench", Compensates: true}
	require.NoError(t, s.AddMeter(ctx, &m))
	require.NoError(t, s.AddCalibration(ctx, &Calibration{MeterID: m.ID, OnDay: "2026-11-20", Low: 4.01, High: 7, LowMV: 177, Celsius: 25}))
	require.NoError(t, s.AddReadings(ctx, []*Reading{{MeterID: m.ID, RecipeID: r.ID, OnDay: "2026-11-20", Sample: "plums, jar 2", Celsius: 22, Compensated: true, Typed: "3.4"}}))
	return s
}

func dumped(t require.TestingT, s *Store) Dump {
	d, err := s.Export(context.Background())
	require.NoError(t, err)
	return d
}

// sameRows compares two dumps without regard to the order of rows.
func sameRows(t require.TestingT, want, got Dump, why string) {
	for name := range want.Tables {
		require.ElementsMatch(t, want.Tables[name], got.Tables[name], "%s: %s", why, name)
	}
}

func TestPutBack(t *testing.T) {
	ctx := context.Background()
	for kind, name := range map[string]string{KindRecipe: "Plums", KindCanner: "Bath", KindMeter: "Bench", KindCalibration: "2026-11-20", KindReading: "plums, jar 2", KindPlan: "2026-11-28", KindRun: "Beans"} {
		s := full(t)
		before := dumped(t, s)
		number, err := s.Remove(ctx, kind, 1)
		require.NoError(t, err, kind)
		require.NotEqual(t, before, dumped(t, s), kind)
		_, err = s.Remove(ctx, kind, 1)
		require.ErrorIs(t, err, ErrNotFound, kind)
		thing, err := s.RemovedThing(ctx, number)
		require.NoError(t, err)
		require.Equal(t, []string{kind, name}, []string{thing.Kind, thing.Name})
		_, err = s.PutBack(ctx, number)
		require.NoError(t, err, kind)
		sameRows(t, before, dumped(t, s), kind)
		_, err = s.PutBack(ctx, number)
		require.ErrorIs(t, err, ErrNotFound, "once")
		list, err := s.RemovedThings(ctx)
		require.NoError(t, err)
		require.Empty(t, list)
	}
}

func TestRemovedCannerInUse(t *testing.T) {
	ctx := context.Background()
	s := full(t)
	number, err := s.Remove(ctx, KindCanner, 2)
	require.NoError(t, err)
	k, err := s.Kitchen(ctx)
	require.NoError(t, err)
	require.Zero(t, k.CannerID, "another canner that gets its number is not in use by that")
	another := Canner{Name: "New", Kind: "pressure", Gauge: "weighted", Quarts: 7}
	require.NoError(t, s.SaveCanner(ctx, &another, ""))
	require.EqualValues(t, 2, another.ID, "numbers of canners are given again")
	_, err = s.PutBack(ctx, number)
	require.NoError(t, err)
	k, err = s.Kitchen(ctx)
	require.NoError(t, err)
	require.Len(t, k.Canners, 3)
	require.EqualValues(t, 3, k.CannerID, "it is in use again, by its new number")
	took, err := s.TookBefore(ctx)
	require.NoError(t, err)
	require.Equal(t, []int{14}, took[3]["rise"])
	spent, err := s.SpentBefore(ctx)
	require.NoError(t, err)
	require.Len(t, spent[3], 1)
}

// What a load took goes with the load and with the canner, and comes back with whichever is put back last.
func TestSpentGoesWithBoth(t *testing.T) {
	ctx := context.Background()
	s := full(t)
	canner, err := s.Remove(ctx, KindCanner, 2)
	require.NoError(t, err)
	ran, err := s.Remove(ctx, KindRun, 1)
	require.NoError(t, err)
	_, err = s.PutBack(ctx, canner)
	require.NoError(t, err, "the load is gone, its water stays away")
	_, err = s.PutBack(ctx, ran)
	require.NoError(t, err)
	x, err := s.SpentBy(ctx, 1)
	require.NoError(t, err)
	require.Zero(t, x)
	require.ErrorIs(t, s.SaveSpent(ctx, Spent{RunID: 44, CannerID: 2, WaterQuarts: 3}), ErrNotFound)
	require.NoError(t, s.SaveSpent(ctx, Spent{RunID: 1, CannerID: 2, WaterQuarts: 3}))
	require.NoError(t, s.SaveSpent(ctx, Spent{RunID: 1, CannerID: 2, WaterQuarts: 4}), "said anew")
	x, err = s.SpentBy(ctx, 1)
	require.NoError(t, err)
	require.Equal(t, 4.0, x.WaterQuarts)
	require.NoError(t, s.SaveSpent(ctx, Spent{RunID: 1, CannerID: 2}), "and taken back")
	x, err = s.SpentBy(ctx, 1)
	require.NoError(t, err)
	require.Zero(t, x)
}

func TestWhatBelongsToIt(t *testing.T) {
	ctx := context.Background()
	s := full(t)
	plan, err := s.Remove(ctx, KindPlan, 1)
	require.NoError(t, err)
	recipe, err := s.Remove(ctx, KindRecipe, 1)
	require.NoError(t, err)
	_, err = s.PutBack(ctx, plan)
	require.NoError(t, err)
	p, err := s.Plan(ctx, 1)
	require.NoError(t, err)
	require.Len(t, p.Dishes, 1, "the dish of the recipe that is gone stays away")
	_, err = s.PutBack(ctx, recipe)
	require.NoError(t, err)
	readings, err := s.Readings(ctx, 1, 10)
	require.NoError(t, err)
	require.Len(t, readings, 1, "a reading stands by itself")

	calibration, err := s.Remove(ctx, KindCalibration, 1)
	require.NoError(t, err)
	meter, err := s.Remove(ctx, KindMeter, 1)
	require.NoError(t, err)
	_, err = s.PutBack(ctx, calibration)
	require.ErrorIs(t, err, ErrAlone)
	_, err = s.PutBack(ctx, meter)
	require.NoError(t, err)
	_, err = s.PutBack(ctx, calibration)
	require.NoError(t, err)
	list, err := s.Calibrations(ctx)
	require.NoError(t, err)
	require.Len(t, list, 1)
}

func TestForget(t *testing.T) {
	ctx := context.Background()
	s := full(t)
	number, err := s.Remove(ctx, KindRecipe, 1)
	require.NoError(t, err)
	require.NotContains(t, dumped(t, s).Tables, "removed", "what was taken away leaves no house")
	require.NoError(t, s.Forget(ctx, number))
	require.ErrorIs(t, s.Forget(ctx, number), ErrNotFound)
	_, err = s.PutBack(ctx, number)
	require.ErrorIs(t, err, ErrNotFound)

	// After its time it goes by itself.
	old, err := s.Remove(ctx, KindReading, 1)
	require.NoError(t, err)
	require.NoError(t, s.db.Exec("UPDATE removed SET created_at = ?", now().Add(-RemovedFor-1)).Error)
	list, err := s.RemovedThings(ctx)
	require.NoError(t, err)
	require.Empty(t, list)
	_, err = s.Remove(ctx, KindRecipe, 2)
	require.NoError(t, err)
	_, err = s.RemovedThing(ctx, old)
	require.ErrorIs(t, err, ErrNotFound)
	_, err = s.Remove(ctx, "kitchens; DROP TABLE recipes", 1)
	require.ErrorContains(t, err, "can be removed")
}

// Whatever is taken away in whatever order: put back in the opposite order, all is as before.
func TestPutBackInOrder(t *testing.T) {
	if underRace {
		t.Skip("one write behind the other, many times: make test runs it again without the race detector")
	}
	ctx := context.Background()
	s := full(t)
	before := dumped(t, s)
	kinds := []string{KindRecipe, KindCanner, KindMeter, KindCalibration, KindReading, KindPlan}
	rapid.Check(t, func(t *rapid.T) {
		var gone []int64
		for _, kind := range rapid.SliceOfN(rapid.SampledFrom(kinds), 0, 6).Draw(t, "kinds") {
			if n, err := s.Remove(ctx, kind, rapid.Int64Range(1, 2).Draw(t, "id")); err == nil {
				gone = append(gone, n)
			} else {
				require.ErrorIs(t, err, ErrNotFound)
			}
		}
		for i := len(gone) - 1; i >= 0; i-- {
			_, err := s.PutBack(ctx, gone[i])
			require.NoError(t, err)
		}
		sameRows(t, before, dumped(t, s), "put back")
	})
}
