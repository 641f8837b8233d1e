package main

import (
	"errors"
	"fmt"
	"io"

	"github.com/spf13/cobra"

	"damson/core/procedure"
	"damson/core/review"
)

// processJSON is the object of `process --json`.
type processJSON struct {
	Procedure   string  `json:"procedure"`
	Method      string  `json:"method"`
	Gauge       string  `json:"gauge"`
	Jar         string  `json:"jar"`
	Pack        string  `json:"pack"`
	Minutes     int     `json:"minutes"`
	PSI         int     `json:"psi"`
	HeadspaceIn float64 `json:"headspace_in"`
	AcidPerJar  string  `json:"acid_per_jar"`
	ElevationFt int     `json:"elevation_ft"`
	Source      string  `json:"source"`
	FromMemory  bool    `json:"from_memory"`
}

func newProcess() *cobra.Command {
	var k kitchenFlags
	var when string
	cmd := &cobra.Command{
		Use:   "process --procedure ID --jar quart --pack hot --elevation 5240ft",
		Short: "The process of one tested procedure",
		Args:  cobra.NoArgs,
		RunE: func(cmd *cobra.Command, args []string) error {
			req, err := k.request(cmd)
			if err != nil {
				return err
			}
			lib, _, err := load()
			if err != nil {
				return err
			}
			if k.procedure == "" {
				return usage("process: --procedure is needed; `damson procedures --json` lists them")
			}
			p := lib.Procedures.ByID(k.procedure)
			if p == nil {
				return noProcess(cmd.OutOrStdout(), k.asJSON, fmt.Sprintf("no procedure %q; `damson procedures --json` lists them", k.procedure))
			}
			list, err := p.Find(req.Elevation, procedure.Filter{Method: req.Method, Gauge: req.Gauge, Pack: req.Pack, Jar: req.Jar, When: when})
			var none *procedure.NoProcess
			if errors.As(err, &none) {
				return noProcess(cmd.OutOrStdout(), k.asJSON, none.Reason)
			}
			if err != nil {
				return &exit{code: exitFault, err: err}
			}
			return printProcesses(cmd.OutOrStdout(), p, list, req, k.asJSON)
		},
	}
	f := cmd.Flags()
	f.StringVar(&k.procedure, "procedure", "", "id of the procedure")
	f.StringVar(&k.elevation, "elevation", "0ft", "elevation of the kitchen, like 5240ft or 1600m")
	f.StringVar(&k.jar, "jar", "", "jar")
	f.StringVar(&k.pack, "pack", "", "hot or raw")
	f.StringVar(&k.gauge, "gauge", "", "dial or weighted")
	f.StringVar(&k.method, "method", "", "water-bath, steam or pressure")
	f.StringVar(&when, "when", "", "a row of its own, such as seafood in a soup")
	f.BoolVar(&k.asJSON, "json", false, "JSON")
	return cmd
}

// printProcesses writes the first row as "process" and, where several rows
// apply, all of them as "processes".
func printProcesses(w io.Writer, p *procedure.Procedure, list []procedure.Process, req review.Request, asJSON bool) error {
	var all []processJSON
	for _, x := range list {
		all = append(all, processJSON{p.ID, x.Method, x.Gauge, x.Jar, x.Pack, x.Minutes, x.PSI, x.HeadspaceIn, x.AcidPerJar, req.Elevation, p.Citation(), p.FromMemory})
	}
	if asJSON {
		return writeJSON(w, struct {
			Process   processJSON   `json:"process"`
			Processes []processJSON `json:"processes"`
		}{all[0], all})
	}
	fmt.Fprintf(w, "%s (%s, from memory)\n", p.Title, p.Citation())
	for _, way := range procedure.Ways(list) {
		fmt.Fprintln(w, "  "+way.String())
	}
	return nil
}

func noProcess(w io.Writer, asJSON bool, reason string) error {
	if asJSON {
		if err := writeJSON(w, map[string]any{"process": nil, "reason": reason}); err != nil {
			return &exit{code: exitFault, err: err}
		}
	} else {
		fmt.Fprintln(w, "No process:", reason)
	}
	return &exit{code: exitUntested, silent: true}
}
