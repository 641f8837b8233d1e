package app

import (
	"context"
	"errors"
	"fmt"

	"damson/core/elevation"
	"damson/core/plan"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/store"
)

// MostCompany is how many others go in with a load.
const MostCompany = 5

// Asked is a load as somebody wants it on the stove.
type Asked struct {
	// Way is the key of one of the offer's processes.
	Way  string
	Jars int
	Wide bool
	// With names what goes in with it, as Company writes it.
	With []string
}

// Offers lays out by which ways a recipe can be canned; store.ErrNotFound where there is none.
type Offers interface {
	Offer(ctx context.Context, recipe int64, jars int, wide bool) (Offer, error)
}

// LoadOf is the run of a load of what is offered; from offers what goes in with it. What cannot be is *Refused: a
// canner that does not hold the jars, or others that do not go in with them.
func LoadOf(ctx context.Context, from Offers, o *Offer, in Asked) (store.Run, error) {
	if o.Missing != "" {
		return store.Run{}, &Refused{"recipe", o.Missing}
	}
	x := o.way(in.Way)
	if x == nil {
		return store.Run{}, &Refused{"way", "Choose one of the ways that this kitchen can do."}
	}
	jar := quantity.Jar(x.Process.Jar)
	if holds := o.Canners[x.Canner].Holds(jar, in.Wide); in.Jars > holds {
		return store.Run{}, &Refused{"jars", fmt.Sprintf("%s takes %s at once. Put the others on as a load of their own.",
			o.Canners[x.Canner].Name, jar.Count(holds))}
	}
	r := o.run(x, in.Jars)
	g := gathering{from, &r, &o.Canners[x.Canner], x.Process, []quantity.Jar{jar}, in.Wide}
	err := g.together(ctx, in.With)
	return r, err
}

// gathering is a load with what goes in with it, as far as it is gathered.
type gathering struct {
	from   Offers
	run    *store.Run
	canner *plan.Canner
	// joint is the process that all have together, in jars of these sizes.
	joint procedure.Process
	sizes []quantity.Jar
	wide  bool
}

// way is one of the ways that this kitchen can do, nil for another.
func (o *Offer) way(key string) *plan.Option {
	if x := plan.Choose(o.Options, key); x != nil && x.Process.Key() == key {
		return x
	}
	return nil
}

// run is the run of a way with so many jars.
func (o *Offer) run(x *plan.Option, jars int) store.Run {
	c, p := &o.Canners[x.Canner], &x.Process
	r := store.Run{
		RecipeID: o.Recipe.ID, Version: o.Version, Title: o.Recipe.Title, Procedure: o.Procedure, Product: o.Product,
		Source: o.Source, Class: o.Class, CannerID: c.ID, Canner: c.Name, Kitchen: o.Kitchen.Name,
		ElevationFt: o.Kitchen.ElevationFt, BoilF: elevation.BoilingPoint(float64(o.Kitchen.ElevationFt)),
		Jar: p.Jar, Pack: p.Pack, Headspace: p.HeadspaceIn, Acid: p.AcidPerJar, Method: p.Method, Minutes: p.Minutes,
		Jars: jars,
	}
	if r.Method == procedure.Pressure {
		r.PSI, r.Gauge, r.Vent = p.PSI, p.Gauge, c.VentFor()
		if r.Gauge == "dial" {
			r.Hold = x.Reading
		}
	}
	return r
}

// together adds to a run what goes in with it: one canner, and the process that all of them have together.
func (g *gathering) together(ctx context.Context, with []string) error {
	if len(with) > MostCompany {
		return &Refused{"with", fmt.Sprintf("At most %d other recipes go in with a load.", MostCompany)}
	}
	for _, text := range with {
		if err := g.add(ctx, text); err != nil {
			return err
		}
	}
	r := g.run
	if g.joint.Minutes > r.Minutes {
		r.OwnMinutes, r.Minutes = r.Minutes, g.joint.Minutes
	}
	if n, holds := r.Load().Jars, g.canner.Room(g.wide, g.sizes...); n > holds {
		return &Refused{"jars", fmt.Sprintf("%d jars of these sizes do not go into %s at once: it takes %d.", n, r.Canner,
			holds)}
	}
	return nil
}

// add puts the jars of another recipe in.
func (g *gathering) add(ctx context.Context, text string) error {
	refuse := func(what string) error { return &Refused{"with", what} }
	c, ok := CompanyOf(text)
	if !ok {
		return refuse("What goes in with this load is not known any more. Go back to the plan, put it on from there.")
	}
	o, err := g.from.Offer(ctx, c.Recipe, c.Jars, g.wide)
	switch {
	case errors.Is(err, store.ErrNotFound):
		return refuse("A recipe that was to go in with it is not on the desk any more.")
	case err != nil:
		return err
	case o.Missing != "":
		return refuse(o.Recipe.Title + ": " + o.Missing)
	}
	x := o.way(c.Way)
	if x == nil {
		return refuse(o.Recipe.Title + " cannot be done that way in this kitchen any more.")
	}
	both, ok := plan.Together(g.joint, x.Process)
	if part := o.run(x, c.Jars); ok && part.CannerID == g.run.CannerID {
		g.joint, g.sizes = both, append(g.sizes, quantity.Jar(part.Jar))
		g.run.Parts = append(g.run.Parts, part.Inside()[0])
		return nil
	}
	return refuse(o.Recipe.Title + " does not go into the same canner: another pressure, method or pack.")
}
