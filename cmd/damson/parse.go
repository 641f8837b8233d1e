package main

import (
	"strings"

	"github.com/spf13/cobra"

	"damson/core/recipe"
)

func newParse() *cobra.Command {
	var asJSON bool
	cmd := &cobra.Command{
		Use:   "parse --json FILE…",
		Short: "Parse ingredient lines, one JSON object a line",
		RunE: func(cmd *cobra.Command, args []string) error {
			if len(args) == 0 {
				return usage("parse: name at least one file, or - for standard input")
			}
			lib, _, err := load()
			if err != nil {
				return err
			}
			reader := recipe.NewReader(lib.Foods, lib.Language)
			for _, name := range args {
				docs, err := readLines(name, cmd)
				if err != nil {
					return err
				}
				for i, text := range docs {
					if strings.TrimSpace(text) == "" {
						continue
					}
					if err := writeJSON(cmd.OutOrStdout(), reader.Line(i+1, strings.TrimRight(text, "\r"))); err != nil {
						return &exit{code: exitFault, err: err}
					}
				}
			}
			return nil
		},
	}
	cmd.Flags().BoolVar(&asJSON, "json", true, "one JSON object a line (the only form)")
	return cmd
}

// readLines returns the lines of a plain-text file.
func readLines(name string, cmd *cobra.Command) ([]string, error) {
	docs, err := readText(name, cmd.InOrStdin())
	if err != nil {
		return nil, err
	}
	return strings.Split(docs, "\n"), nil
}
