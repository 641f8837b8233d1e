package plan_test

import (
	"fmt"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"damson/core/canner"
	"damson/core/plan"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/knowledge"
)

var lib = func() *knowledge.Library {
	l, err := knowledge.Load()
	if err != nil {
		panic(err)
	}
	return l
}()

func one(c canner.Canner) plan.Canner { return plan.Canner{Canner: c} }

var kitchen = plan.Kitchen{Burners: 4, Canners: []plan.Canner{
	one(canner.Canner{Name: "Bath", Kind: canner.Bath, Quarts: 7, Pints: 9, HalfPints: 9, Layers: 1, Rack: true}),
	one(canner.Canner{Name: "Dial", Kind: canner.Pressure, Gauge: canner.Dial, Quarts: 7, Pints: 9, HalfPints: 12, Layers: 2, Rack: true, TestedOn: time.Date(2026, 9, 1, 0, 0, 0, 0, time.UTC)}),
	one(canner.Canner{Name: "Steam", Kind: canner.Steam, Quarts: 7, Pints: 8, HalfPints: 8, Layers: 1, Rack: true}),
}}

// The syrup table (USDA Complete Guide 2015, guide 2, from memory): a load of 7
// quarts, or of 9 pints.
func TestSyrups(t *testing.T) {
	require.Len(t, lib.Plan.Syrups, 5)
	for _, s := range lib.Plan.Syrups {
		w, sugar := s.Need(quantity.QuartJar, 7)
		require.InDelta(t, s.Quarts[0], w, 1e-9)
		require.InDelta(t, s.Quarts[1], sugar, 1e-9)
		w, _ = s.Need(quantity.PintJar, 18)
		require.InDelta(t, 2*s.Pints[0], w, 1e-9)
		// The percent is sugar by weight, roughly: a cup of sugar is 200 g, of water
		// 237 g.
		for _, c := range [][2]float64{s.Pints, s.Quarts} {
			percent := 100 * c[1] * 200 / (c[1]*200 + c[0]*237)
			require.InDelta(t, s.Percent, percent, 5, s.Name)
		}
	}
}

func TestSplit(t *testing.T) {
	loads, err := plan.Split(16, 7)
	require.NoError(t, err)
	require.Equal(t, []plan.Load{{Jars: 7}, {Jars: 7}, {Jars: 2, Spare: 5}}, loads)
	for _, bad := range [][2]int{{0, 7}, {-1, 7}, {5, 0}, {4000, 7}} {
		_, err := plan.Split(bad[0], bad[1])
		require.Error(t, err, "%v", bad)
	}
}

// The way that was chosen, or the first that can be done.
func TestChoose(t *testing.T) {
	quart, pint := procedure.Process{Method: "water-bath", Jar: "quart"}, procedure.Process{Method: "water-bath", Jar: "pint"}
	list := []plan.Option{{Process: quart, Not: "no canner"}, {Process: pint}, {Process: procedure.Process{Method: "steam", Jar: "pint"}}}
	require.Equal(t, &list[1], plan.Choose(list, ""))
	require.Equal(t, &list[2], plan.Choose(list, list[2].Process.Key()))
	require.Equal(t, &list[1], plan.Choose(list, quart.Key()), "what cannot be done is not chosen")
	require.Nil(t, plan.Choose(list[:1], quart.Key()))
}

// A third of the canner may be empty.
func TestPartFull(t *testing.T) {
	for _, c := range []struct {
		l    plan.Load
		want bool
	}{{plan.Load{Jars: 7}, false}, {plan.Load{Jars: 5, Spare: 2}, false}, {plan.Load{Jars: 4, Spare: 3}, true},
		{plan.Load{Jars: 2, Spare: 3, Guests: []plan.Guest{{Dish: 1, Jars: 4}}}, false}} {
		require.Equal(t, c.want, c.l.PartFull(), "%+v", c.l)
	}
}

// Two recipes share a load only with one method and one pressure, and then the
// longer time stands.
func TestTogether(t *testing.T) {
	a := procedure.Process{Method: "pressure", Gauge: "dial", PSI: 13, Minutes: 75}
	b := procedure.Process{Method: "pressure", Gauge: "dial", PSI: 13, Minutes: 20}
	got, ok := plan.Together(b, a)
	require.True(t, ok)
	require.Equal(t, 75, got.Minutes)
	b.PSI = 11
	_, ok = plan.Together(a, b)
	require.False(t, ok, "another pressure")
	_, ok = plan.Together(a, procedure.Process{Method: "water-bath", Minutes: 40})
	require.False(t, ok, "another method")

	// Heating up a canner with fish in quarts is a part of its process: nothing else goes in with it (USDA
	// Complete Guide 2015, guide 5, fish in quart jars; from memory).
	for _, id := range []string{"fish-quarts", "smoked-fish"} {
		for _, x := range lib.Procedures.ByID(id).At(0) {
			for _, y := range lib.Procedures.ByID("meat-pieces").At(0) {
				_, ok := plan.Together(x, y)
				require.False(t, ok, "%s: %v", id, x.Conditions)
			}
			_, ok := plan.Together(x, x)
			require.True(t, ok, id)
		}
	}
}

// oneLayer takes nine pints or seven quarts.
var oneLayer = one(canner.Canner{Name: "Small", Kind: canner.Pressure, Gauge: canner.Dial, Quarts: 7, Pints: 9, Layers: 1, Rack: true})

// The last loads of two dishes share a canner where the places suffice.
func TestShared(t *testing.T) {
	p := procedure.Process{Method: "pressure", Gauge: "dial", PSI: 13, Jar: "pint", Pack: "hot", Minutes: 75}
	q := p
	q.Minutes = 20
	k := plan.Kitchen{Burners: 4, Canners: []plan.Canner{oneLayer}}
	day := &plan.Day{Loads: [][]plan.Load{{{Jars: 9}, {Jars: 4, Spare: 5}}, {{Jars: 5, Spare: 4}}}}
	a, b, both, ok := day.Shared(&k, []plan.Dish{{Process: p}, {Process: q}})
	require.True(t, ok)
	require.Equal(t, []int{0, 1, 75}, []int{a, b, both.Minutes})
	quart, raw, psi, fish := q, q, q, q
	quart.Jar, raw.Pack, psi.PSI = "quart", "raw", 11
	fish.Conditions = []string{"3 quarts of water in it"}
	for name, other := range map[string]plan.Dish{
		"another canner": {Process: q, Canner: 1}, "another pack": {Process: raw}, "another pressure": {Process: psi},
		"larger jars, of which seven go in": {Process: quart}, "another canner asked for": {Process: fish},
	} {
		_, _, _, ok = day.Shared(&k, []plan.Dish{{Process: p}, other})
		require.False(t, ok, name)
	}
	day.Loads[1][0].Jars = 3
	_, _, _, ok = day.Shared(&k, []plan.Dish{{Process: p}, {Process: quart}})
	require.True(t, ok, "four pints and three quarts are seven places")
	day.Loads[1][0].Jars = 6
	_, _, _, ok = day.Shared(&k, []plan.Dish{{Process: p}, {Process: q}})
	require.False(t, ok, "six jars into five places")
}

// Two part loads that join are one load by the longer time, each dish is cooked and filled for it, and the
// day shrinks.
func TestJoin(t *testing.T) {
	long := procedure.Process{Method: "pressure", Gauge: "dial", PSI: 13, Jar: "pint", Pack: "hot", Minutes: 75}
	short := long
	short.Minutes = 20
	k := plan.Kitchen{Burners: 4, Canners: []plan.Canner{oneLayer}}
	for name, order := range map[string][2]int{"into the first": {0, 1}, "into the second": {1, 0}} {
		t.Run(name, func(t *testing.T) {
			dishes := []plan.Dish{{Title: "Stew", Process: long, Jars: 13, Kg: 3}, {Title: "Carrots", Process: short, Jars: 5, Kg: 2}}
			apart, err := lib.Plan.Plan(k, dishes)
			require.NoError(t, err)
			host, guest := order[0], order[1]
			dishes[guest].Joins = host + 1
			day, err := lib.Plan.Plan(k, dishes)
			require.NoError(t, err)
			require.Empty(t, day.Apart)
			require.Less(t, day.Ends, apart.Ends, "the day shrinks")
			last := day.Loads[host][len(day.Loads[host])-1]
			require.Equal(t, 9, last.All())
			require.Len(t, last.Guests, 1)
			require.Equal(t, 75, day.Joint(dishes, host, len(day.Loads[host])-1).Minutes, "the longer time, whosever load it is")
			require.Empty(t, day.Conflicts(k))
			h, n, ok := day.Host(guest)
			require.True(t, ok)
			require.Equal(t, []int{host, len(day.Loads[host]) - 1}, []int{h, n})
			var process, cooks, fills, checks int
			group := fmt.Sprintf("%d.%d", host, n+1)
			for _, task := range day.Tasks {
				if task.Group != group {
					continue
				}
				switch task.Work {
				case "process":
					process = task.Minutes
				case "cook":
					cooks++
				case "fill":
					fills++
				case "check":
					checks++
				}
			}
			require.Equal(t, []int{75, 2, 2, 1}, []int{process, cooks, fills, checks})
		})
	}
	dishes := []plan.Dish{{Title: "Stew", Process: long, Jars: 15, Kg: 3}, {Title: "Carrots", Process: short, Jars: 5, Kg: 2, Joins: 1}}
	day, err := lib.Plan.Plan(k, dishes)
	require.NoError(t, err)
	require.Len(t, day.Apart, 1, "six and five are more than nine")
	require.Len(t, day.Loads[1], 1)
	dishes[1].Joins = 2
	day, err = lib.Plan.Plan(k, dishes)
	require.NoError(t, err)
	require.Len(t, day.Apart, 1, "no dish joins itself")
}

// Every process of every procedure at every band: the plan never changes its
// minutes or pressure, and a canner that is not there is said so.
func TestOptionsKeepTheProcess(t *testing.T) {
	n := 0
	for _, p := range lib.Procedures.All() {
		for _, feet := range []int{0, 1500, 2500, 5240, 7000, 9000} {
			list := p.At(feet)
			options := lib.Plan.Options(list, kitchen.Canners, 9, false)
			require.GreaterOrEqual(t, len(options), len(list), p.ID)
			for _, o := range options {
				n++
				if o.Process.Method == "steam" && o.Process.Minutes > procedure.SteamLimit {
					require.Contains(t, o.Not, "boils dry", p.ID)
					continue
				}
				require.Contains(t, list, o.Process, p.ID)
				if o.Not != "" {
					require.Empty(t, o.Loads)
					continue
				}
				require.Equal(t, kitchen.Canners[o.Canner].Kind, o.Process.Method)
				if o.Process.Method == "steam" {
					require.LessOrEqual(t, o.Process.Minutes, procedure.SteamLimit)
				}
				require.Greater(t, o.Minutes[0], o.Process.Minutes)
				require.LessOrEqual(t, o.Minutes[0], o.Minutes[1])
				require.LessOrEqual(t, o.Minutes[1], o.Minutes[2])
				require.Greater(t, o.KWh, 0.0)
			}
		}
	}
	require.Greater(t, n, 1000)
	none := lib.Plan.Options(lib.Procedures.ByID("carrots").At(300), kitchen.Canners[:1], 7, false)
	require.Contains(t, none[0].Not, "no pressure canner")
	out := append([]plan.Canner{}, kitchen.Canners...)
	out[1].Out = "the gauge is off by 3.0 psi: replace it"
	require.Contains(t, lib.Plan.Options(lib.Procedures.ByID("carrots").At(300), out, 7, false)[0].Not, "replace")
}

// A process is no shorter higher up, and in a larger jar no shorter either.
func TestProcessesAreMonotone(t *testing.T) {
	for _, p := range lib.Procedures.All() {
		was := map[string]procedure.Process{}
		for _, feet := range []int{0, 1001, 2001, 3001, 4001, 6001, 8000} {
			longest := map[string]map[quantity.Jar]int{}
			for _, x := range p.At(feet) {
				key := x.Method + x.Gauge + x.Pack + x.Jar + x.When + fmt.Sprint(x.PSI > 0)
				if x.Method != "pressure" {
					if w, ok := was[key]; ok {
						require.GreaterOrEqual(t, x.Minutes, w.Minutes, "%s at %d ft", p.ID, feet)
					}
					was[key] = x
				}
				group := x.Method + x.Gauge + x.Pack + x.When + fmt.Sprint(x.PSI)
				if longest[group] == nil {
					longest[group] = map[quantity.Jar]int{}
				}
				longest[group][quantity.Jar(x.Jar)] = max(longest[group][quantity.Jar(x.Jar)], x.Minutes)
			}
			for group, byJar := range longest {
				for a, m := range byJar {
					for b, n := range byJar {
						if a.Larger(b) {
							require.GreaterOrEqual(t, m, n, "%s %s: %s against %s at %d ft", p.ID, group, a, b, feet)
						}
					}
				}
			}
		}
	}
}

func dish(rt *rapid.T, i int) plan.Dish {
	var all []procedure.Process
	for _, p := range lib.Procedures.All() {
		for _, x := range p.At(5240) {
			if x.Gauge != "weighted" && x.Jar != "half-gallon" {
				all = append(all, x)
			}
		}
	}
	p := rapid.SampledFrom(all).Draw(rt, fmt.Sprintf("process %d", i))
	d := plan.Dish{Title: fmt.Sprintf("dish %d", i), Process: p, Jars: rapid.IntRange(1, 25).Draw(rt, "jars"), Kg: rapid.Float64Range(0, 12).Draw(rt, "kg"),
		Soak: rapid.Bool().Draw(rt, "soak"), DayBefore: rapid.Bool().Draw(rt, "day before"), CookDown: rapid.Bool().Draw(rt, "cook down"), RawPoultry: rapid.Bool().Draw(rt, "poultry")}
	for k := range kitchen.Canners {
		if kitchen.Canners[k].Kind == p.Method {
			d.Canner = k
		}
	}
	return d
}

// Whatever is planned: hands are never in two places, no canner has two loads, no
// burner two pots, nothing starts before what it waits for, and the process has
// its tested minutes in one piece.
func TestSchedule(t *testing.T) {
	rapid.Check(t, func(rt *rapid.T) {
		var dishes []plan.Dish
		for i := range rapid.IntRange(1, 4).Draw(rt, "dishes") {
			dishes = append(dishes, dish(rt, i))
		}
		k := kitchen
		k.Burners = rapid.IntRange(1, 5).Draw(rt, "burners")
		k.Hands = rapid.IntRange(0, plan.MostHands).Draw(rt, "hands")
		day, err := lib.Plan.Plan(k, dishes)
		require.NoError(rt, err)
		require.Empty(rt, day.Conflicts(k))
		jars := make([]int, len(dishes))
		for i := range day.Tasks {
			task := &day.Tasks[i]
			if task.Process && task.ID[len(task.ID)-8:] == ".process" {
				require.Equal(rt, dishes[task.Dish].Process.Minutes, task.Minutes)
				require.Equal(rt, task.Minutes, task.Least, "nothing shortens it")
				require.Equal(rt, dishes[task.Dish].Canner, task.Canner)
			}
			require.LessOrEqual(rt, task.Least, task.Minutes)
			require.LessOrEqual(rt, task.Minutes, task.Most)
		}
		for i, loads := range day.Loads {
			for _, l := range loads {
				jars[i] += l.Jars
			}
			require.Equal(rt, dishes[i].Jars, jars[i])
		}
		require.Positive(rt, day.Ends)
	})
}

// Roots are washed, peeled, washed again and then cut (USDA Complete Guide 2015,
// guide 4, Carrots, from memory); poultry is done before the board is cleaned.
func TestPeelBeforeCutting(t *testing.T) {
	order := func(d plan.Dish) string {
		d.Process, d.Jars, d.Kg, d.PeelKg = lib.Procedures.ByID("carrots").At(300)[0], 4, 2, 2
		d.Canner = 1
		day, err := lib.Plan.Plan(kitchen, []plan.Dish{d})
		require.NoError(t, err)
		var ids []string
		for _, task := range day.Tasks {
			if parts := strings.Split(task.ID, "."); len(parts) == 3 && parts[2] == "0" {
				ids = append(ids, parts[1])
			}
		}
		return strings.Join(ids, " ")
	}
	require.Equal(t, "peel prepare", order(plan.Dish{Title: "Carrots"}))
	require.Equal(t, "prepare clean-down peel", order(plan.Dish{Title: "Chicken soup", RawPoultry: true}))
}

// A day so long that its first jars are cold before the last load is in: the
// seals are checked when hands are free, not while they are at work.
func TestLongDayChecksSeals(t *testing.T) {
	k := kitchen
	k.Burners = 1
	dish := func(id, jar, method string, canner, jars int) plan.Dish {
		for _, p := range lib.Procedures.ByID(id).At(5240) {
			if p.Method == method && p.Gauge != "weighted" && string(p.Jar) == jar {
				return plan.Dish{Title: id, Process: p, Canner: canner, Jars: jars, Kg: 1}
			}
		}
		t.Fatalf("no process for %s", id)
		return plan.Dish{}
	}
	var dishes []plan.Dish
	for n := range 12 {
		dishes = append(dishes, dish("piccalilli", "half-pint", "water-bath", 0, 3+2*n))
		if n == 5 {
			dishes[n] = dish("meat-pieces", "quart", "pressure", 1, 22)
		}
	}
	day, err := lib.Plan.Plan(k, dishes)
	require.NoError(t, err)
	require.Empty(t, day.Conflicts(k))
	within := 0
	for _, task := range day.Tasks {
		if task.ID == task.Group+".check" && task.Start < day.Ends {
			within++
		}
	}
	require.Positive(t, within)
	require.Contains(t, day.Long(), "more than one person’s day")
	short, err := lib.Plan.Plan(k, dishes[:1])
	require.NoError(t, err)
	require.Empty(t, short.Long())
}

// A second pair of hands works beside the first, and never a third; the day is shorter for it.
func TestPairsOfHands(t *testing.T) {
	beans, carrots := lib.Procedures.ByID("snap-beans").At(5240)[0], lib.Procedures.ByID("carrots").At(5240)[0]
	dishes := []plan.Dish{{Title: "Beans", Process: beans, Jars: 7, Kg: 6, Canner: 1}, {Title: "Carrots", Process: carrots, Jars: 7, Kg: 6, PeelKg: 6, Canner: 1}}
	two := kitchen
	two.Hands = 2
	alone, err := lib.Plan.Plan(kitchen, dishes)
	require.NoError(t, err)
	helped, err := lib.Plan.Plan(two, dishes)
	require.NoError(t, err)
	require.Less(t, helped.Ends, alone.Ends)
	require.Empty(t, helped.Conflicts(two))
	require.NotEmpty(t, helped.Conflicts(kitchen), "one pair of hands cannot do the same")
	two.Hands = plan.MostHands + 1
	_, err = lib.Plan.Plan(two, dishes)
	require.EqualError(t, err, "at most 4 pairs of hands")
}

// A load moves as one piece; what no longer fits is told.
func TestMove(t *testing.T) {
	p := lib.Procedures.ByID("snap-beans").At(5240)[0]
	day, err := lib.Plan.Plan(kitchen, []plan.Dish{{Title: "Beans", Process: p, Jars: 20, Kg: 4, Canner: 1}})
	require.NoError(t, err)
	require.Empty(t, day.Conflicts(kitchen))
	ends := day.Ends
	require.True(t, day.Move("0.1", 45))
	require.NotEmpty(t, day.Conflicts(kitchen), "the first load runs into the second")
	require.True(t, day.Move("0.1", -45))
	require.Empty(t, day.Conflicts(kitchen))
	require.Equal(t, ends, day.Ends)
	require.False(t, day.Move("9.9", 5))
	require.True(t, day.Move("0.1", -300))
	require.NotEmpty(t, day.Conflicts(kitchen), "before the beans are ready")
}

// What a canner took before goes before the table, and leaves the tested minutes
// alone.
func TestTookBefore(t *testing.T) {
	p := lib.Procedures.ByID("snap-beans").At(5240)[0]
	dishes := []plan.Dish{{Title: "Beans", Process: p, Jars: 9, Kg: 2, Canner: 1}}
	k := plan.Kitchen{Burners: 4, Canners: append([]plan.Canner{}, kitchen.Canners...)}
	minutes := func(id string) (least, usual, most int) {
		day, err := lib.Plan.Plan(k, dishes)
		require.NoError(t, err)
		require.Empty(t, day.Conflicts(k))
		for i := range day.Tasks {
			if day.Tasks[i].ID == "0.1."+id {
				return day.Tasks[i].Least, day.Tasks[i].Minutes, day.Tasks[i].Most
			}
		}
		t.Fatalf("no %s", id)
		return 0, 0, 0
	}
	k.Canners[1].Took = map[string][]int{"rise": {17, 12, 14}, "down-small": {41}, "process": {1}, "vent": {2}}
	a, b, c := minutes("rise")
	require.Equal(t, []int{12, 14, 17}, []int{a, b, c})
	_, b, _ = minutes("down-small")
	require.Equal(t, 41, b)
	_, b, _ = minutes("process")
	require.Equal(t, p.Minutes, b, "no note shortens the process")
	_, b, _ = minutes("vent")
	require.Equal(t, 10, b, "nor the venting")
}

func TestPlanRefuses(t *testing.T) {
	p := lib.Procedures.ByID("snap-beans").At(5240)[0]
	good := plan.Dish{Title: "Beans", Process: p, Jars: 7, Canner: 1}
	for want, c := range map[string]struct {
		change  func(*plan.Dish)
		burners int
	}{
		"how many jars":    {func(d *plan.Dish) { d.Jars = 0 }, 4},
		"no canner":        {func(d *plan.Dish) { d.Canner = -1 }, 4},
		"how many burners": {func(*plan.Dish) {}, 0},
		"more than a day":  {func(d *plan.Dish) { d.Jars = 9999 }, 4},
		"three days are":   {func(d *plan.Dish) { d.Jars = 400; d.Process.Jar = "quart" }, 4},
	} {
		d := good
		c.change(&d)
		k := kitchen
		k.Burners = c.burners
		_, err := lib.Plan.Plan(k, []plan.Dish{d})
		require.ErrorContains(t, err, want)
	}
	_, err := lib.Plan.Plan(kitchen, nil)
	require.Error(t, err)
}

func TestBuyAndCover(t *testing.T) {
	least, most, ok := lib.Plan.Buy(lib.Foods.ByID("carrot"), 1)
	require.True(t, ok)
	require.InDelta(t, 1.25, (least+most)/2, 0.1)
	_, _, ok = lib.Plan.Buy(lib.Foods.ByID("salt"), 1)
	require.False(t, ok)
	a, b := plan.Cover(quantity.QuartJar, 7)
	require.Less(t, a, b)
	require.Equal(t, 9, plan.Lids(7))
}

func BenchmarkPlan(b *testing.B) {
	beans, carrots := lib.Procedures.ByID("snap-beans").At(5240)[0], lib.Procedures.ByID("carrots").At(5240)[0]
	peaches, dilly := lib.Procedures.ByID("peaches").At(5240)[0], lib.Procedures.ByID("dilled-beans").At(5240)[0]
	dishes := []plan.Dish{{Title: "a", Process: beans, Jars: 18, Kg: 6, Canner: 1}, {Title: "b", Process: carrots, Jars: 9, Kg: 6, Canner: 1}, {Title: "c", Process: peaches, Jars: 14, Kg: 8, Canner: 0}, {Title: "d", Process: dilly, Jars: 9, Kg: 2, Canner: 0}}
	n := 0
	for b.Loop() {
		day, err := lib.Plan.Plan(kitchen, dishes)
		if err != nil {
			b.Fatal(err)
		}
		n = len(day.Tasks)
	}
	b.ReportMetric(float64(n), "tasks")
}
