package main

import (
	"strings"

	"github.com/spf13/cobra"

	"damson/core/recipe"
)

func newConvert() *cobra.Command {
	var to string
	cmd := &cobra.Command{
		Use:   "convert --to json-ld|markdown|csv FILE…",
		Short: "Write recipes in another open format",
		RunE: func(cmd *cobra.Command, args []string) error {
			if len(args) == 0 {
				return usage("convert: name at least one file, or - for standard input")
			}
			if !contains(recipe.WriteFormats, to) {
				return usage("--to %q: use %s", to, strings.Join(recipe.WriteFormats, ", "))
			}
			lib, _, err := load()
			if err != nil {
				return err
			}
			reader := recipe.NewReader(lib.Foods, lib.Language)
			var all []*recipe.Recipe
			for _, name := range args {
				recipes, err := readRecipes(reader, name, cmd.InOrStdin())
				if err != nil {
					return err
				}
				all = append(all, recipes...)
			}
			if len(all) > 1 && to == recipe.FormatCSV {
				return usage("a CSV table holds one recipe, and these are %d: convert them one at a time, or use --to json-ld", len(all))
			}
			if err := recipe.Write(cmd.OutOrStdout(), to, all...); err != nil {
				return &exit{code: exitFault, err: err}
			}
			return nil
		},
	}
	cmd.Flags().StringVar(&to, "to", recipe.FormatJSONLD, "json-ld, markdown or csv")
	return cmd
}
