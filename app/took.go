package app

import (
	"context"
	"math"

	"damson/core/procedure"
	"damson/core/run"
)

// Took returns the minutes that pieces of work took in runs that are over, by canner and
// piece, the newest first: what a plan reckons with.
func (s *Stove) Took(ctx context.Context) (map[int64]map[string][]int, error) {
	list, err := s.store.Runs(ctx, 60)
	if err != nil {
		return nil, err
	}
	out := map[int64]map[string][]int{}
	for i := range list {
		r := &list[i]
		if r.Speed > 0 {
			continue
		}
		events, err := s.store.Events(ctx, r.ID)
		if err != nil {
			return nil, err
		}
		for piece, minutes := range pieces(r.Method, r.Jar == "quart", events) {
			if out[r.CannerID] == nil {
				out[r.CannerID] = map[string][]int{}
			}
			out[r.CannerID][piece] = append(out[r.CannerID][piece], minutes)
		}
	}
	return out, nil
}

// pieces are the minutes of one run, by the id of the plan's durations. Only the first stretch
// of a kind counts: what was done again says nothing of how long it takes.
func pieces(method string, quarts bool, events []run.Event) map[string]int {
	names := map[[2]run.Kind]string{{run.HeatOn, run.Reached}: map[string]string{procedure.WaterBath: "boil-bath",
		procedure.Steam: "steam-steady"}[method]}
	if method == procedure.Pressure {
		down := "down-small"
		if quarts {
			down = "down-large"
		}
		names = map[[2]run.Kind]string{{run.HeatOn, run.Steaming}: "steam-pressure", {run.Closed, run.Reached}: "rise",
			{run.HeatOff, run.Zero}: down}
	}
	first := map[run.Kind]run.Event{}
	for _, e := range run.Standing(events) {
		if _, had := first[e.Kind]; !had {
			first[e.Kind] = e
		}
	}
	out := map[string]int{}
	for pair, name := range names {
		from, a := first[pair[0]]
		to, b := first[pair[1]]
		if minutes := int(math.Round(to.At.Sub(from.At).Minutes())); a && b && minutes > 0 && minutes < 240 {
			out[name] = minutes
		}
	}
	return out
}
