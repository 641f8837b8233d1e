package main

import (
	"context"
	"encoding/json"
	"io"
	"os"

	"github.com/spf13/cobra"

	"damson/store"
)

// openData opens a data directory that is there already.
func openData(dir string, mayMake bool) (*store.Store, error) {
	if dir == "" {
		return nil, usage("--data DIR is needed: the directory that keeps your recipes")
	}
	if _, err := os.Stat(dir); err != nil && !mayMake {
		return nil, usage("--data %s: there is no such directory", dir)
	}
	st, err := store.Open(dir)
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
			st, err := openData(data, false)
			if err != nil {
				return err
			}
			defer st.Close()
			d, err := st.Export(cmd.Context())
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
			st, err := openData(data, true)
			if err != nil {
				return err
			}
			defer st.Close()
			if err := st.Import(cmd.Context(), d); err != nil {
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
			st, err := openData(data, false)
			if err != nil {
				return err
			}
			defer st.Close()
			ctx := cmd.Context()
			if ctx == nil {
				ctx = context.Background()
			}
			if err := st.Backup(ctx, args[0]); err != nil {
				return &exit{code: exitFault, err: err}
			}
			return nil
		},
	}
	cmd.Flags().StringVar(&data, "data", "", "data directory")
	return cmd
}
