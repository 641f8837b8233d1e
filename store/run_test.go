package store

import (
	"context"
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"damson/core/run"
)

func TestRuns(t *testing.T) {
	ctx := context.Background()
	s, err := Open(t.TempDir())
	require.NoError(t, err)
	defer s.Close()
	r := Run{Title: "Carrots", Canner: "Big dial canner", Jar: "quart", Pack: "hot", Method: "pressure", Minutes: 30, PSI: 13, Gauge: "dial", Hold: 13.5, Vent: 10, Class: "low-acid", Jars: 7}
	require.NoError(t, s.AddRun(ctx, &r))
	got, err := s.Run(ctx, r.ID)
	require.NoError(t, err)
	require.Equal(t, 13.5, got.Hold)
	require.Equal(t, 13, got.Load().PSI)
	_, err = s.Run(ctx, 99)
	require.ErrorIs(t, err, ErrNotFound)

	noon := time.Date(2026, 11, 28, 12, 0, 0, 123e6, time.UTC)
	list := []run.Event{
		{At: noon, Kind: run.HeatOn},
		{At: noon.Add(time.Minute), Kind: run.Reading, PSI: 13.7, Gauged: true, Logger: true, Text: "by the logger"},
		{At: noon.Add(2 * time.Minute), Kind: run.Stood, Until: noon.Add(3 * time.Minute)},
		{At: noon.Add(4 * time.Minute), Kind: run.JarsOut, Jars: 6, Broken: 1, F: 100},
	}
	require.NoError(t, s.Happened(ctx, r.ID, 0, noon.Add(4*time.Minute), list...))
	back, err := s.Events(ctx, r.ID)
	require.NoError(t, err)
	require.Len(t, back, 4)
	for i := range list {
		want := list[i]
		want.Number, want.Later = i+1, i < 3
		require.True(t, want.At.Equal(back[i].At))
		require.True(t, want.Until.Equal(back[i].Until))
		want.At, want.Until, back[i].At, back[i].Until = time.Time{}, time.Time{}, time.Time{}, time.Time{}
		require.Equal(t, want, back[i])
	}

	// Another page told something meanwhile; a sighting is no such thing.
	require.ErrorIs(t, s.Happened(ctx, r.ID, 3, noon, run.Event{At: noon, Kind: run.Note}), ErrAsked)
	require.NoError(t, s.Happened(ctx, r.ID, -1, noon, run.Event{At: noon, Kind: run.Seen}))
	require.NoError(t, s.Happened(ctx, r.ID, 4, noon, run.Event{At: noon, Kind: run.Undo, Of: 4}))
	back, err = s.Events(ctx, r.ID)
	require.NoError(t, err)
	require.Equal(t, 6, back[5].Number)

	runs, err := s.Runs(ctx, 10)
	require.NoError(t, err)
	require.Len(t, runs, 1)
}

func TestLots(t *testing.T) {
	ctx := context.Background()
	s, err := Open(t.TempDir())
	require.NoError(t, err)
	defer s.Close()
	l := Lot{RunID: 4, Title: "100% plum", Jar: "pint", MadeOn: "2026-11-20", CheckedOn: "2026-11-21", Sealed: 5, Unsealed: 1, Went: "freezer", Class: "acid"}
	old := Lot{Title: "Apple rings", Jar: "quart", MadeOn: "2025-09-01", Sealed: 2, Class: "acid"}
	require.NoError(t, s.AddLot(ctx, &l))
	require.NoError(t, s.AddLot(ctx, &old))
	require.NoError(t, s.TakeFrom(ctx, &LotMove{LotID: l.ID, OnDay: "2026-11-22", Kind: "eaten", Jars: 4}))
	require.ErrorIs(t, s.TakeFrom(ctx, &LotMove{LotID: l.ID, OnDay: "2026-11-22", Kind: "eaten", Jars: 2}), ErrStale)
	require.ErrorIs(t, s.TakeFrom(ctx, &LotMove{LotID: 99, OnDay: "2026-11-22", Kind: "eaten", Jars: 1}), ErrNotFound)
	got, err := s.LotsOf(ctx, 4)
	require.NoError(t, err)
	require.Equal(t, 1, got[0].Left())
	list, err := s.Lots(ctx, "", 10)
	require.NoError(t, err)
	require.Equal(t, "Apple rings", list[0].Title, "the oldest first")
	list, err = s.Lots(ctx, "0% p", 10)
	require.NoError(t, err)
	require.Len(t, list, 1)
	got, err = s.LotsOf(ctx, 5)
	require.NoError(t, err)
	require.Empty(t, got)
}

// What lets a logger in is of this kitchen alone: no export carries it.
func TestTokensStay(t *testing.T) {
	ctx := context.Background()
	dir := t.TempDir()
	s, err := Open(dir)
	require.NoError(t, err)
	defer s.Close()
	r := Run{Title: "Carrots", Canner: "Big dial canner", Jar: "quart", Pack: "hot", Method: "pressure", Minutes: 30, PSI: 13, Gauge: "dial", Hold: 13.5, Vent: 10, Class: "low-acid", Jars: 7}
	require.NoError(t, s.AddRun(ctx, &r))
	require.NoError(t, s.Happened(ctx, r.ID, 0, r.CreatedAt, run.Event{At: r.CreatedAt, Kind: run.HeatOn}))
	require.NoError(t, s.AddLot(ctx, &Lot{RunID: r.ID, Title: "Carrots", Jar: "quart", MadeOn: "2026-11-20", Sealed: 7, Class: "low-acid"}))
	require.GreaterOrEqual(t, len(r.Token), 20)
	d, err := s.Export(ctx)
	require.NoError(t, err)
	other := t.TempDir()
	require.NoError(t, Import(ctx, other, d))
	back, err := Open(other)
	require.NoError(t, err)
	defer back.Close()
	got, err := back.Run(ctx, r.ID)
	require.NoError(t, err)
	require.Empty(t, got.Token)
	require.Equal(t, 13.5, got.Hold)
	events, err := back.Events(ctx, r.ID)
	require.NoError(t, err)
	require.Len(t, events, 1)
	lots, err := back.LotsOf(ctx, r.ID)
	require.NoError(t, err)
	require.Equal(t, 7, lots[0].Left())
}

// No table is left out of an export: each is in the list, or is of this machine alone.
func TestEveryTableTravels(t *testing.T) {
	s, err := Open(t.TempDir())
	require.NoError(t, err)
	defer s.Close()
	var names []string
	require.NoError(t, s.db.Raw("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'").Scan(&names).Error)
	require.Greater(t, len(names), 15)
	for _, name := range names {
		if name != "removed" && name != "sent" {
			require.Contains(t, tables, name, "put it into tables of dump.go")
			require.Contains(t, looks, name, "put what cannot be right in it into looks of whole.go")
		}
	}
}
