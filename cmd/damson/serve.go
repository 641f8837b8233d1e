package main

import (
	"context"
	"fmt"
	"io"
	"os"
	"os/signal"
	"runtime/debug"
	"syscall"
	"time"

	"github.com/spf13/cobra"

	"damson/demo"
	"damson/knowledge"
	"damson/store"
	"damson/web"
)

type serveFlags struct {
	addr, data  string
	knowledge   string
	allowRemote bool
	allowHosts  []string
}

func (f *serveFlags) register(cmd *cobra.Command) {
	cmd.Flags().StringVar(&f.addr, "addr", "127.0.0.1:8080", "address to listen on")
	cmd.Flags().StringVar(&f.data, "data", "", "data directory")
	cmd.Flags().StringVar(&f.knowledge, "knowledge", "", "read the library from this directory of YAML files instead of the one built in")
	cmd.Flags().BoolVar(&f.allowRemote, "allow-remote", false, "let other machines connect: there are no accounts yet, so whoever reaches the address can read and write")
	cmd.Flags().StringSliceVar(&f.allowHosts, "allow-host", nil, "with --allow-remote: a name that Damson may be opened by, beside its address; may be given again")
}

// check refuses an address that other machines can reach.
func (f *serveFlags) check() error {
	local, err := web.Loopback(f.addr)
	if err != nil {
		return usage("--addr: %v", err)
	}
	if !local && !f.allowRemote {
		return usage("--addr %s can be reached from other machines, and Damson has no accounts yet; say --allow-remote if that is meant", f.addr)
	}
	return nil
}

func newServe() *cobra.Command {
	var f serveFlags
	cmd := &cobra.Command{
		Use: "serve --data DIR", Short: "Start the web application on your own data", Args: cobra.NoArgs,
		RunE: func(cmd *cobra.Command, args []string) error {
			if f.data == "" {
				return usage("serve: --data DIR is needed: the directory that keeps your recipes")
			}
			return f.run(cmd.Context(), cmd.OutOrStdout(), f.data, false)
		},
	}
	f.register(cmd)
	return cmd
}

func newDemo() *cobra.Command {
	var f serveFlags
	cmd := &cobra.Command{
		Use: "demo", Short: "Start the web application on the demo kitchen (a throw-away copy unless --data)", Args: cobra.NoArgs,
		RunE: func(cmd *cobra.Command, args []string) error {
			dir := f.data
			if dir == "" {
				tmp, err := os.MkdirTemp("", "damson-demo-")
				if err != nil {
					return &exit{code: exitFault, err: err}
				}
				defer os.RemoveAll(tmp)
				dir = tmp
			}
			return f.run(cmd.Context(), cmd.OutOrStdout(), dir, true)
		},
	}
	f.register(cmd)
	return cmd
}

// memory is what the program holds itself to: the collector works harder as it comes near,
// and nothing fails beyond.
const memory = 72 << 20

// run serves until interrupted.
func (f *serveFlags) run(ctx context.Context, out io.Writer, dir string, withDemo bool) error {
	if err := f.check(); err != nil {
		return err
	}
	if ctx == nil {
		ctx = context.Background()
	}
	debug.SetMemoryLimit(memory)
	collect := debug.SetGCPercent(-1) // most of what the start makes stays; the limit holds
	ctx, stop := signal.NotifyContext(ctx, os.Interrupt, syscall.SIGTERM)
	defer stop()
	fault := func(err error) error { return &exit{code: exitFault, err: err} }
	// The library and the database do not wait for each other.
	opened := make(chan error, 1)
	var st *store.Store
	note := ""
	go func() {
		var err error
		if st, err = store.Open(dir); err == nil && withDemo {
			var empty bool
			if empty, err = st.Empty(ctx); err == nil && !empty {
				note = dir + " holds data already, so nothing of the demo kitchen was added to it."
			} else if err == nil {
				err = demo.Fill(ctx, st, time.Now())
			}
		}
		opened <- err
	}()
	lib, err := loadLibrary(f.knowledge)
	if err == nil {
		go lib.Reader() // what the pages read with, made while the database opens
	}
	if openErr := <-opened; openErr != nil {
		return fault(openErr)
	}
	defer st.Close()
	if err != nil {
		return err
	}
	if note != "" {
		fmt.Fprintln(out, note)
	}
	srv, err := web.New(ctx, st, lib, knowledge.ParseProcedures)
	if err != nil {
		return fault(err)
	}
	debug.SetGCPercent(collect)
	err = srv.Run(ctx, f.addr, f.allowHosts, func() {
		fmt.Fprintf(out, "Damson is at http://%s  (stop it with Ctrl-C)\n", f.addr)
		if f.allowRemote {
			fmt.Fprintln(out, "Other machines can reach it, and there are no accounts yet: whoever opens it can read and change everything.")
		}
	})
	if err != nil {
		return fault(err)
	}
	return nil
}
