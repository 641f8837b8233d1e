package main

import (
	"fmt"
	"io"

	"github.com/spf13/cobra"

	"damson/core/food"
	"damson/core/procedure"
	"damson/core/review"
	"damson/knowledge"
)

// newList builds a subcommand that writes one part of the library.
func newList(use, short string, write func(cmd *cobra.Command, lib *knowledge.Library, asJSON bool) error, asTable func(io.Writer, *knowledge.Library) error) *cobra.Command {
	var asJSON, asCSV bool
	cmd := &cobra.Command{
		Use: use, Short: short, Args: cobra.NoArgs,
		RunE: func(cmd *cobra.Command, args []string) error {
			lib, _, err := load()
			if err != nil {
				return err
			}
			if asCSV {
				err = asTable(cmd.OutOrStdout(), lib)
			} else {
				err = write(cmd, lib, asJSON)
			}
			if err != nil {
				return &exit{code: exitFault, err: err}
			}
			return nil
		},
	}
	cmd.Flags().BoolVar(&asJSON, "json", false, "one JSON object a line")
	cmd.Flags().BoolVar(&asCSV, "csv", false, "a table with commas, for a spreadsheet")
	cmd.MarkFlagsMutuallyExclusive("json", "csv")
	return cmd
}

// procedureJSON is the object of `procedures --json`.
type procedureJSON struct {
	ID           string           `json:"id"`
	Title        string           `json:"title"`
	Names        []string         `json:"names"`
	Class        string           `json:"class"`
	Acidity      string           `json:"acidity"`
	Source       string           `json:"source"`
	Section      string           `json:"section"`
	FromMemory   bool             `json:"from_memory"`
	Yield        string           `json:"yield,omitempty"`
	Ingredients  []ingredientJSON `json:"ingredients"`
	Requirements []string         `json:"requirements"`
	Permits      []string         `json:"permits"`
	Forbids      []string         `json:"forbids"`
	Processes    []procedure.Row  `json:"processes"`
}

type ingredientJSON struct {
	Name     string  `json:"name"`
	Role     string  `json:"role"`
	Amount   float64 `json:"amount,omitempty"`
	Unit     string  `json:"unit,omitempty"`
	Per      string  `json:"per,omitempty"`
	Optional bool    `json:"optional,omitempty"`
}

func newProcedures() *cobra.Command {
	return newList("procedures", "Every tested procedure of the library", func(cmd *cobra.Command, lib *knowledge.Library, asJSON bool) error {
		for _, p := range lib.Procedures.All() {
			if !asJSON {
				fmt.Fprintf(cmd.OutOrStdout(), "%-28s %-10s %s\n", p.ID, p.Acidity, p.Title)
				continue
			}
			out := procedureJSON{p.ID, p.Title, p.Names, p.Class, p.Acidity, p.Source, p.Section, p.FromMemory, p.Yield, nil, []string{}, p.Permits, p.Forbids, p.Rows}
			for _, in := range p.Ingredients {
				out.Ingredients = append(out.Ingredients, ingredientJSON{in.Name, string(in.Role), in.Amount, string(in.Unit), string(in.Per), in.Optional})
			}
			for _, n := range p.Needs {
				out.Requirements = append(out.Requirements, n.Text)
			}
			if err := writeJSON(cmd.OutOrStdout(), out); err != nil {
				return err
			}
		}
		return nil
	}, proceduresCSV)
}

// foodJSON is the object of `foods --json`.
type foodJSON struct {
	ID         string             `json:"id"`
	Names      []string           `json:"names"`
	Kind       string             `json:"kind"`
	Groups     []string           `json:"groups"`
	Low        *float64           `json:"ph_low"`
	High       *float64           `json:"ph_high"`
	AcidClass  string             `json:"acid_class"`
	Acids      map[string]float64 `json:"acids"`
	GPerCup    map[string]float64 `json:"g_per_cup"`
	GEach      float64            `json:"g_each,omitempty"`
	Water      float64            `json:"water_percent,omitempty"`
	MadeOf     []string           `json:"made_of,omitempty"`
	Hides      []string           `json:"hides,omitempty"`
	Source     string             `json:"source"`
	FromMemory bool               `json:"from_memory"`
}

func newFoodJSON(f *food.Food) foodJSON {
	out := foodJSON{ID: f.ID, Names: f.Names, Kind: f.Kind, Groups: f.Groups, AcidClass: f.AcidClass(), Acids: f.Acids, GPerCup: f.Cup, GEach: f.Each, Water: f.Water, MadeOf: f.MadeOf, Hides: f.Hides, Source: f.Source, FromMemory: f.FromMemory}
	if f.HasPH() {
		out.Low, out.High = &f.PH[0], &f.PH[1]
	}
	return out
}

func newFoods() *cobra.Command {
	return newList("foods", "Every food of the library", func(cmd *cobra.Command, lib *knowledge.Library, asJSON bool) error {
		for _, f := range lib.Foods.All() {
			if !asJSON {
				ph := "no pH"
				if f.HasPH() {
					ph = fmt.Sprintf("pH %.2f–%.2f", f.PH[0], f.PH[1])
				}
				fmt.Fprintf(cmd.OutOrStdout(), "%-24s %-14s %s\n", f.ID, ph, f.AcidClass())
				continue
			}
			if err := writeJSON(cmd.OutOrStdout(), newFoodJSON(f)); err != nil {
				return err
			}
		}
		return nil
	}, foodsCSV)
}

func newRules() *cobra.Command {
	return newList("rules", "Every rule of the review", func(cmd *cobra.Command, _ *knowledge.Library, asJSON bool) error {
		for _, r := range review.Rules() {
			if !asJSON {
				fmt.Fprintf(cmd.OutOrStdout(), "%-24s %s\n", r.Code, r.LooksFor)
				continue
			}
			if err := writeJSON(cmd.OutOrStdout(), r); err != nil {
				return err
			}
		}
		return nil
	}, func(w io.Writer, _ *knowledge.Library) error { return rulesCSV(w) })
}
