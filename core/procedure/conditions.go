package procedure

import (
	"fmt"
	"slices"
	"strings"

	"damson/core/quantity"
)

// steams reports whether the row holds in an atmospheric steam canner too: acid food, in
// jars of a quart at most; a curd starts in cooler water (University of Wisconsin Extension
// and NCHFP, from memory).
func (p *Procedure) steams(r Row) bool {
	return p.Acidity != "low-acid" && p.Product != "curd" && !quantity.Jar(r.Jar).Larger(quantity.QuartJar)
}

// sterileJars is the condition that a longer time answers.
const sterileJars = "sterilised jars, or 10 minutes"

// SameCanner reports whether both processes ask the same of the canner: its size, its water, how it is
// heated up.
func (p Process) SameCanner(q Process) bool {
	asks := func(p Process) []string {
		return slices.DeleteFunc(slices.Clone(p.Conditions), func(c string) bool { return c == sterileJars })
	}
	return slices.Equal(asks(p), asks(q))
}

// conditions are those that the process stands under, in words.
func (p *Procedure) conditions(x Process) []string {
	var out []string
	if x.SterileJars() {
		out = append(out, sterileJars)
	}
	if x.Method == Pressure {
		out = append(out, p.Canner.words()...)
	}
	return out
}

// Words says what the limits are; empty for none.
func (s Sizes) Words() string {
	var out []string
	if s.Cut > 0 {
		out = append(out, "pieces of "+quantity.Number(s.Cut)+" in at most")
	}
	if s.Whole > 0 {
		out = append(out, "whole ones of "+quantity.Number(s.Whole)+" in at most")
	}
	if s.NeverWhole {
		out = append(out, "never whole")
	}
	return strings.Join(out, ", ")
}

// Words says what the canner must be; empty for any.
func (c Canner) Words() string { return strings.Join(c.words(), ", ") }

func (c Canner) words() []string {
	var out []string
	if c.MinQuarts > 0 {
		out = append(out, fmt.Sprintf("a canner of %s to %s quarts", quantity.Number(c.MinQuarts), quantity.Number(c.MaxQuarts)))
	}
	if c.WaterQuarts > 0 {
		out = append(out, quantity.Number(c.WaterQuarts)+" quarts of water in it")
	}
	if c.HeatMinutes > 0 {
		out = append(out, fmt.Sprintf("%s minutes on high heat to steady steam, then the vent of 10", quantity.Number(c.HeatMinutes)))
	}
	return out
}
