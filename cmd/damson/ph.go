package main

import (
	"fmt"
	"io"
	"math"

	"github.com/spf13/cobra"

	"damson/core/acidity"
	"damson/core/review"
)

func newPH() *cobra.Command {
	var asJSON bool
	cmd := &cobra.Command{
		Use:   "ph [--json] FILE…",
		Short: "Estimate where a recipe's mixture stands against pH 4.6; no verdict and no process",
		RunE: func(cmd *cobra.Command, args []string) error {
			if len(args) == 0 {
				return usage("ph: name at least one file, or - for standard input")
			}
			_, reviewer, err := load()
			if err != nil {
				return err
			}
			for _, name := range args {
				recipes, err := readRecipes(reviewer.Reader(), name, cmd.InOrStdin())
				if err != nil {
					return err
				}
				for _, rec := range recipes {
					e := reviewer.Estimate(review.Request{Recipe: rec}, review.Samples)
					if asJSON {
						if err := writeJSON(cmd.OutOrStdout(), map[string]any{"title": rec.Title, "file": name, "acidity": rounded(e)}); err != nil {
							return &exit{code: exitFault, err: err}
						}
						continue
					}
					printPH(cmd.OutOrStdout(), rec.Title, e)
				}
			}
			return nil
		},
	}
	cmd.Flags().BoolVar(&asJSON, "json", false, "one JSON object a recipe")
	return cmd
}

// rounded cuts the figures to what they are worth: a hundredth of pH.
func rounded(e acidity.Estimate) acidity.Estimate {
	for _, p := range []**float64{&e.Low, &e.Mid, &e.High} {
		if *p != nil {
			v := math.Round(**p*100) / 100
			*p = &v
		}
	}
	drivers := append([]acidity.Driver{}, e.Drivers...)
	for i := range drivers {
		drivers[i].Delta = math.Round(drivers[i].Delta*1000) / 1000
	}
	e.Drivers = drivers
	return e
}

var classWords = map[string]string{
	acidity.Acid: "acid: the whole range is at or under 4.6", acidity.Acidified: "acidified: at or under 4.6 with the acid added, and only with it",
	acidity.Borderline: "borderline: the range straddles 4.6", acidity.LowAcid: "low-acid: the whole range is over 4.6", acidity.Unknown: "unknown",
}

// printPH writes an estimate for people.
func printPH(w io.Writer, title string, e acidity.Estimate) {
	if title == "" {
		title = "Untitled recipe"
	}
	fmt.Fprintf(w, "%s — %s\n", title, classWords[e.Class])
	if e.Mid != nil {
		fmt.Fprintf(w, "  pH %.2f to %.2f, most likely about %.2f (an estimate, at rest, 25 °C)\n", *e.Low, *e.High, *e.Mid)
	}
	if e.Above != nil {
		fmt.Fprintf(w, "  %.1f %% of %d random draws lie over 4.6\n", 100**e.Above, review.Samples)
	}
	for _, m := range e.Missing {
		fmt.Fprintf(w, "  not counted: %s (line %d): %s", m.Food, m.Line, m.Why)
		if m.Matters != "" {
			fmt.Fprintf(w, "; %s", m.Matters)
		}
		fmt.Fprintln(w)
	}
	for _, d := range e.Drivers {
		if math.Abs(d.Delta) >= 0.01 {
			fmt.Fprintf(w, "  %-24s %+.2f\n", d.Food, d.Delta)
		}
	}
	for _, n := range e.Notes {
		fmt.Fprintf(w, "  %s\n", n)
	}
	fmt.Fprintln(w, "An estimate explains; it never clears a recipe. A tested procedure does.")
}
