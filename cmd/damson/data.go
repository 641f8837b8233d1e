package main

import (
	"bytes"
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"maps"
	"os"
	"slices"
	"unicode/utf8"

	"github.com/spf13/cobra"

	"damson/store"
)

// directory refuses a data directory that was not named or is not there.
func directory(dir string, mayMake bool) error {
	if dir == "" {
		return usage("--data DIR is needed: the directory that keeps your recipes")
	}
	if _, err := os.Stat(dir); err != nil && !mayMake {
		return usage("--data %s: there is no such directory", dir)
	}
	return nil
}

// readData opens the database of a data directory for reading alone.
func readData(dir string) (*store.Store, error) {
	if err := directory(dir, false); err != nil {
		return nil, err
	}
	st, err := store.OpenToRead(dir)
	if errors.Is(err, store.ErrNoData) {
		return nil, usage("--data %v", err)
	}
	if err != nil {
		return nil, &exit{code: exitFault, err: err}
	}
	return st, nil
}

func newExport() *cobra.Command {
	var data string
	cmd := &cobra.Command{
		Use: "export --data DIR", Short: "Write all that is stored as JSON", Args: cobra.NoArgs,
		RunE: func(cmd *cobra.Command, _ []string) error {
			st, err := readData(data)
			if err != nil {
				return err
			}
			defer st.Close()
			d, err := st.Export(contextOf(cmd))
			if err != nil {
				return &exit{code: exitFault, err: err}
			}
			enc := json.NewEncoder(cmd.OutOrStdout())
			enc.SetIndent("", " ")
			enc.SetEscapeHTML(false)
			return enc.Encode(d)
		},
	}
	cmd.Flags().StringVar(&data, "data", "", "data directory")
	return cmd
}

// maxImport is the size limit of a file to import.
const maxImport = 200 << 20

func newImport() *cobra.Command {
	var data string
	cmd := &cobra.Command{
		Use: "import --data DIR FILE", Short: "Read an export into an empty data directory (- is standard input)", Args: cobra.ExactArgs(1),
		RunE: func(cmd *cobra.Command, args []string) error {
			d, err := readDump(args[0], cmd.InOrStdin())
			if err != nil {
				return err
			}
			if err := directory(data, true); err != nil {
				return err
			}
			if err := store.Import(contextOf(cmd), data, d); err != nil {
				return usage("%s: %v; nothing was read in", args[0], err)
			}
			return nil
		},
	}
	cmd.Flags().StringVar(&data, "data", "", "data directory, an empty one or a new one")
	return cmd
}

// readDump reads an export.
func readDump(name string, stdin io.Reader) (store.Dump, error) {
	var d store.Dump
	data, err := readBytes(name, stdin, maxImport)
	if err != nil {
		return d, err
	}
	if len(data) > maxImport {
		return d, usage("%s: line 0: larger than 200 MiB; that is no export of a kitchen", name)
	}
	if !utf8.Valid(data) {
		return d, usage("%s: line %d: this is no text in UTF-8, so it is no export", name, badLine(data))
	}
	if err := json.Unmarshal(data, &d); err != nil {
		return d, usage("%s: line %d: this is no export: %v", name, jsonLine(string(data), err), err)
	}
	return d, nil
}

func newBackup() *cobra.Command {
	var data string
	cmd := &cobra.Command{
		Use: "backup --data DIR FILE", Short: "Copy the database as it stands to a new file, also while it is in use", Args: cobra.ExactArgs(1),
		RunE: func(cmd *cobra.Command, args []string) error {
			if _, err := os.Stat(args[0]); err == nil {
				return usage("%s is there already; name a new file", args[0])
			}
			st, err := readData(data)
			if err != nil {
				return err
			}
			defer st.Close()
			if err := st.Backup(contextOf(cmd), args[0]); err != nil {
				return &exit{code: exitFault, err: err}
			}
			return nil
		},
	}
	cmd.Flags().StringVar(&data, "data", "", "data directory")
	return cmd
}

func newRestore() *cobra.Command {
	var data string
	cmd := &cobra.Command{
		Use: "restore --data DIR FILE", Short: "Put a backup in the place of the database; the one before it is kept beside it", Args: cobra.ExactArgs(1),
		RunE: func(cmd *cobra.Command, args []string) error {
			if err := directory(data, true); err != nil {
				return err
			}
			if _, err := os.Stat(args[0]); err != nil {
				return usage("%s: there is no such file", args[0])
			}
			aside, err := store.Restore(data, args[0])
			if err != nil {
				return &exit{code: exitFault, err: fmt.Errorf("%w; nothing was changed", err)}
			}
			fmt.Fprintf(cmd.OutOrStdout(), "%s is in force in %s.\n", args[0], data)
			if aside != "" {
				fmt.Fprintf(cmd.OutOrStdout(), "What was there before is %s.\n", aside)
			}
			return sayWhoSigned(cmd, data)
		},
	}
	cmd.Flags().StringVar(&data, "data", "", "data directory, no Damson at work in it")
	return cmd
}

// sayWhoSigned names those whose checks and procedures a backup puts into force: it is taken
// whole, signatures too, so it must be this kitchen's own.
func sayWhoSigned(cmd *cobra.Command, data string) error {
	st, err := store.Open(data)
	if err != nil {
		return &exit{code: exitFault, err: err}
	}
	defer st.Close()
	checks, err := st.Checks(contextOf(cmd))
	own, err2 := st.Procedures(contextOf(cmd))
	if err := errors.Join(err, err2); err != nil {
		return &exit{code: exitFault, err: err}
	}
	signed := map[string]int{}
	for _, c := range checks {
		signed[c.Signed]++
	}
	for _, p := range own {
		signed[p.Signed]++
	}
	delete(signed, "")
	for _, who := range slices.Sorted(maps.Keys(signed)) {
		fmt.Fprintf(cmd.OutOrStdout(), "In force: %d checks and procedures signed by %s. If nobody of that name is of this kitchen, this is another's backup.\n", signed[who], who)
	}
	return nil
}

// contextOf is the command's, or an empty one where a test gave none.
func contextOf(cmd *cobra.Command) context.Context {
	if ctx := cmd.Context(); ctx != nil {
		return ctx
	}
	return context.Background()
}

// badLine is the first line that is no UTF-8.
func badLine(data []byte) int {
	for i, line := range bytes.Split(data, []byte("\n")) {
		if !utf8.Valid(line) {
			return i + 1
		}
	}
	return 0
}
