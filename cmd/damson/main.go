// Command damson checks home canning recipes against tested procedures, on the
// command line and as a web application.
package main

import (
	"errors"
	"fmt"
	"os"

	"github.com/spf13/cobra"
)

// The exit statuses that scripts rely on.
const (
	exitFault    = 1
	exitUsage    = 2
	exitChange   = 3
	exitUntested = 4
	exitStop     = 5
)

// exit is an error that carries an exit status; a silent one prints nothing.
type exit struct {
	code   int
	err    error
	silent bool
}

func (e *exit) Error() string {
	if e.err == nil {
		return ""
	}
	return e.err.Error()
}

// usage marks bad usage or unreadable input.
func usage(format string, a ...any) error {
	return &exit{code: exitUsage, err: fmt.Errorf(format, a...)}
}

func main() { os.Exit(run(os.Args[1:])) }

func run(args []string) (code int) {
	defer func() {
		if p := recover(); p != nil {
			fmt.Fprintf(os.Stderr, "damson: a fault of Damson's own: %v\n", p)
			code = exitFault
		}
	}()
	root := newRoot()
	root.SetArgs(args)
	err := root.Execute()
	if err == nil {
		return 0
	}
	var e *exit
	if !errors.As(err, &e) {
		e = &exit{code: exitUsage, err: err}
	}
	if !e.silent && e.err != nil {
		fmt.Fprintln(os.Stderr, "damson:", e.err)
	}
	return e.code
}

func newRoot() *cobra.Command {
	root := &cobra.Command{
		Use:           "damson",
		Short:         "Check home canning recipes against tested procedures",
		Long:          "Damson checks a home recipe against tested canning procedures.\nIt never makes a process time of its own, and it does not replace a process authority, the canner maker's book or local rules.",
		SilenceUsage:  true,
		SilenceErrors: true,
	}
	root.CompletionOptions.HiddenDefaultCmd = true
	root.AddCommand(newDemo(), newServe(), newReview(), newParse(), newRead(), newPH(), newExport(), newImport(), newBackup(), newRestore(), newConvert(), newProcess(), newProcedures(), newFoods(), newRules())
	return root
}
