package main

import (
	"fmt"
	"io"
	"strings"

	"github.com/spf13/cobra"

	"damson/core/recipe"
)

func newRead() *cobra.Command {
	var asJSON bool
	cmd := &cobra.Command{
		Use:   "read [--json] FILE…",
		Short: "Show how a recipe is read: ingredients, process, and what each clause does (text, mail, web page, JSON-LD, table; - is standard input)",
		RunE: func(cmd *cobra.Command, args []string) error {
			if len(args) == 0 {
				return usage("read: name at least one file, or - for standard input")
			}
			lib, _, err := load()
			if err != nil {
				return err
			}
			reader := recipe.NewReader(lib.Foods, lib.Language)
			for _, name := range args {
				list, err := readRecipes(reader, name, cmd.InOrStdin())
				if err != nil {
					return err
				}
				for _, rec := range list {
					if err := showReading(cmd.OutOrStdout(), reader.Reading(name, rec), asJSON); err != nil {
						return &exit{code: exitFault, err: err}
					}
				}
			}
			return nil
		},
	}
	cmd.Flags().BoolVar(&asJSON, "json", false, "one JSON object a recipe, one a line")
	return cmd
}

// showReading writes a reading as JSON, or a line a clause for people.
func showReading(w io.Writer, r *recipe.Reading, asJSON bool) error {
	if asJSON {
		return writeJSON(w, r)
	}
	fmt.Fprintln(w, r.Title)
	for _, l := range r.Ingredients {
		fmt.Fprintf(w, "  line %d  %s (%s)\n", l.No, strings.TrimSpace(l.Amount().String()+" "+l.Food), l.From)
	}
	for _, a := range r.Acts {
		act := a.Act
		if act == "" {
			act = a.Phase
		}
		if !a.Done {
			act = "not " + act
		}
		if a.Read != "whole" {
			act += " ?"
		}
		if _, err := fmt.Fprintf(w, "  line %d  %-18s %s\n", a.Line, act, a.Clause); err != nil {
			return err
		}
	}
	return nil
}
