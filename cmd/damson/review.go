package main

import (
	"fmt"
	"io"
	"runtime/debug"
	"strconv"
	"strings"

	"github.com/spf13/cobra"

	"damson/core/elevation"
	"damson/core/food"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/review"
)

// kitchenFlags are the flags that say where and how the cook cans.
type kitchenFlags struct {
	elevation, jar, pack, gauge, method, procedure, stance string
	minutes, psi                                           float64
	answers                                                []string
	asJSON, amend                                          bool
}

func newReview() *cobra.Command {
	var k kitchenFlags
	cmd := &cobra.Command{
		Use:   "review [flags] FILE…",
		Short: "Review recipes (plain text, schema.org Recipe JSON-LD, a web page, a CSV table; - is standard input)",
		RunE: func(cmd *cobra.Command, args []string) error {
			if len(args) == 0 {
				return usage("review: name at least one file, or - for standard input")
			}
			req, err := k.request(cmd)
			if err != nil {
				return err
			}
			lib, reviewer, err := load()
			if err != nil {
				return err
			}
			if req.Procedure != "" && lib.Procedures.ByID(req.Procedure) == nil {
				return usage("--procedure %q: no such procedure; `damson procedures --json` lists them", req.Procedure)
			}
			if req.Answers, err = k.given(lib.Foods); err != nil {
				return err
			}
			if len(args) == 1 && k.amend {
				return k.printAmended(&reviewing{reviewer, req}, args[0], cmd.InOrStdin(), cmd.OutOrStdout())
			} else if k.amend {
				return usage("review: --amend takes one file")
			}
			return k.reviewAll(&reviewing{reviewer, req}, args, cmd)
		},
	}
	f := cmd.Flags()
	f.StringVar(&k.elevation, "elevation", "0ft", "elevation of the kitchen, like 5240ft or 1600m")
	f.StringVar(&k.jar, "jar", "", "jar: 4oz half-pint 12oz pint 24oz quart half-gallon 250ml 500ml 1l")
	f.StringVar(&k.pack, "pack", "", "hot or raw")
	f.StringVar(&k.gauge, "gauge", "", "dial or weighted")
	f.StringVar(&k.method, "method", "", "what the cook means to do: water-bath, steam or pressure")
	f.Float64Var(&k.minutes, "minutes", 0, "process minutes that the cook's recipe states")
	f.Float64Var(&k.psi, "psi", 0, "pounds of pressure that the cook's recipe states")
	f.StringVar(&k.procedure, "procedure", "", "compare with this procedure; left out, the nearest is found")
	f.StringVar(&k.stance, "stance", "book", "book or guideline")
	f.StringArrayVar(&k.answers, "answer", nil, "what a question means, LINE:ID: talk, tool, person or a food's id (repeatable)")
	f.BoolVar(&k.asJSON, "json", false, "one JSON object a recipe")
	f.BoolVar(&k.amend, "amend", false, "write the recipe with every edit made, in place of its review")
	return cmd
}

// reviewing is what every recipe of a run is reviewed with.
type reviewing struct {
	reviewer *review.Reviewer
	request  review.Request
}

// reviewAll reviews the files in their order. A file that cannot be read is
// named and left out; the others are still reviewed.
func (k *kitchenFlags) reviewAll(r *reviewing, names []string, cmd *cobra.Command) error {
	stderr := cmd.ErrOrStderr()
	if len(names) >= barFrom {
		debug.SetGCPercent(400) // many small reviews: memory stays small all the same
	}
	bar := newBar(stderr, len(names))
	worst, unread := 0, false
	sum := counts{}
	err := inOrder(names, func(name string) outcome { return k.reviewFile(r, name, cmd.InOrStdin()) }, func(i int, o outcome) error {
		if o.err != nil {
			if len(names) == 1 {
				return o.err
			}
			bar.clear()
			unread = true
			return complain(stderr, o.err)
		}
		for _, v := range o.verdicts {
			worst = max(worst, status(v))
			sum[v]++
		}
		if _, err := io.WriteString(cmd.OutOrStdout(), k.fitted(o.out, cmd.OutOrStdout())); err != nil {
			return &exit{code: exitFault, err: err}
		}
		bar.draw(i + 1)
		return nil
	})
	bar.clear()
	if err != nil {
		return err
	}
	if len(names) > 1 && !k.asJSON {
		fmt.Fprintln(cmd.OutOrStdout(), sum)
	}
	if unread {
		worst = exitUsage
	}
	if worst > 0 {
		return &exit{code: worst, silent: true}
	}
	return nil
}

// fitted is what a review says, wrapped for who reads it; JSON is left alone.
func (k *kitchenFlags) fitted(out []byte, w io.Writer) string {
	if k.asJSON {
		return string(out)
	}
	return wrap(string(out), width(w))
}

// printAmended writes the recipe of a file with every edit made. The status is
// that of the amended recipe.
func (k *kitchenFlags) printAmended(r *reviewing, name string, stdin io.Reader, w io.Writer) error {
	doc, err := readFile(name, stdin)
	if err != nil {
		return err
	}
	worst := 0
	for i, text := range doc.Texts {
		rec, err := r.reviewer.Reader().Text(text)
		if err != nil {
			return usage("%s: line %d: %v", name, max(doc.Lines[i], 1), err)
		}
		one := r.request
		one.Recipe = rec
		a := r.reviewer.Amend(one, text, nil)
		worst = max(worst, status(a.Result.Verdict))
		if k.asJSON {
			a.Result.File = name
			if err := writeJSON(w, map[string]any{"file": name, "text": a.Text, "verdict": a.Result.Verdict, "made": a.Made, "left": a.Left, "review": a.Result}); err != nil {
				return &exit{code: exitFault, err: err}
			}
			continue
		}
		fmt.Fprintln(w, strings.TrimRight(a.Text, "\n"))
	}
	if worst > 0 {
		return &exit{code: worst, silent: true}
	}
	return nil
}

// request checks the flags.
func (k *kitchenFlags) request(cmd *cobra.Command) (review.Request, error) {
	req := review.Request{Pack: k.pack, Gauge: k.gauge, Method: k.method, Minutes: k.minutes, PSI: k.psi, Procedure: k.procedure, Stance: k.stance}
	req.ElevationGiven = cmd.Flags().Changed("elevation")
	var err error
	if req.Elevation, err = elevation.Parse(k.elevation); err != nil {
		return req, usage("--elevation: %v", err)
	}
	if k.jar != "" {
		jar, ok := quantity.ParseJar(strings.ToLower(k.jar))
		if !ok {
			return req, usage("--jar %q: use 4oz, half-pint, 12oz, pint, 24oz, quart, half-gallon, 250ml, 500ml or 1l", k.jar)
		}
		req.Jar = jar
	}
	for _, c := range []struct{ flag, value, list string }{
		{"pack", k.pack, "hot raw"}, {"gauge", k.gauge, "dial weighted"}, {"method", k.method, "water-bath steam pressure"}, {"stance", k.stance, "book guideline"},
	} {
		if c.value != "" && !contains(strings.Fields(c.list), c.value) {
			return req, usage("--%s %q: use %s", c.flag, c.value, strings.Join(strings.Fields(c.list), " or "))
		}
	}
	if k.minutes < 0 || k.minutes > 1000 || k.psi < 0 || k.psi > 30 {
		return req, usage("--minutes must lie in 0 to 1000 and --psi in 0 to 30")
	}
	return req, nil
}

// given reads the answers to questions.
func (k *kitchenFlags) given(foods *food.Catalogue) (*review.Answers, error) {
	out := &review.Answers{}
	for _, a := range k.answers {
		line, id, ok := strings.Cut(a, ":")
		no, err := strconv.Atoi(line)
		if !ok || err != nil || no < 1 || !review.IsAnswer(id) && foods.ByID(id) == nil {
			return nil, usage("--answer %q: use LINE:ID, with talk, tool, person or a food's id (`damson foods --json` lists them)", a)
		}
		out.Given = append(out.Given, review.Given{Line: no, ID: id})
	}
	return out, nil
}

func contains(list []string, s string) bool {
	for _, x := range list {
		if x == s {
			return true
		}
	}
	return false
}

func status(verdict review.Verdict) int {
	switch verdict {
	case review.Clear:
		return 0
	case review.Change:
		return exitChange
	case review.Untested:
		return exitUntested
	}
	return exitStop
}

// printReview writes a review for people.
func printReview(w io.Writer, r *review.Result) {
	fmt.Fprintf(w, "%s — %s\n%s\n", r.Title, strings.ToUpper(r.Headline()), r.Sentence)
	if r.Procedure != nil {
		fmt.Fprintf(w, "Compared with: %s (%s, from memory)\n", r.Procedure.Title, r.Procedure.Source)
	}
	printFindings(w, r.Findings)
	list, head := r.Methods, "Process:"
	if len(r.After) > 0 {
		list, head = r.After, "Once changed:"
		if r.OnlyAsks() {
			head = "Once answered:"
		}
	}
	if len(list) == 0 {
		if r.Made {
			fmt.Fprintln(w, "No process: nothing puts right what stands on the shelf.")
		} else {
			fmt.Fprintln(w, "No process: nobody has tested this as it stands.")
		}
		for _, s := range r.Today() {
			fmt.Fprintln(w, "  "+s)
		}
		printRelatives(w, r.Relatives)
	} else {
		fmt.Fprintln(w, head)
		first, rest := procedure.Recommend(list)
		for _, way := range first {
			fmt.Fprintln(w, "  "+way.String())
		}
		for i, way := range rest {
			if i == 0 {
				fmt.Fprintln(w, "Tested too:")
			}
			fmt.Fprintln(w, "  "+way.String())
		}
	}
	for i, s := range r.Serving {
		if i == 0 {
			fmt.Fprintln(w, "When you open the jar:")
		}
		fmt.Fprintln(w, "  "+s)
	}
	fmt.Fprintf(w, "At %d ft water boils at %.1f °F (%.1f °C).", r.Elevation, elevation.BoilingPoint(float64(r.Elevation)), elevation.Celsius(elevation.BoilingPoint(float64(r.Elevation))))
	if len(r.Assumed) > 0 {
		fmt.Fprintf(w, " Assumed: %s.", strings.Join(r.Assumed, ", "))
	}
	fmt.Fprintln(w, "\nFollow the canner maker's book. Never leave a pressure canner. Selling? Local rules decide.")
}

// graver orders findings as they are printed: what decides first, what is only said last.
var graver = []review.Severity{review.Halt, review.Amend, review.Care, review.Note}

// printFindings writes what was found, the worst first, each with the lines that it is of.
func printFindings(w io.Writer, list []review.Finding) {
	for _, severity := range graver {
		done := map[string]bool{}
		for i := range list {
			f := &list[i]
			says := f.Code + f.Do + f.Message
			if f.Severity != severity || done[says] {
				continue
			}
			done[says] = true
			do := f.Do
			if !strings.HasSuffix(do, "?") {
				do += "."
			}
			fmt.Fprintf(w, "  %s [%s, %s] %s %s", linesOf(list[i:], f), f.Severity, f.Code, do, f.Message)
			if f.Remedy != "" {
				fmt.Fprintf(w, " %s", f.Remedy)
			}
			fmt.Fprintf(w, " (%s)\n", f.Source)
		}
	}
}

// linesOf names the lines of which the findings say what f says.
func linesOf(list []review.Finding, f *review.Finding) string {
	var lines []string
	for i := range list {
		if x := &list[i]; x.Line != nil && x.Severity == f.Severity && x.Code == f.Code && x.Do == f.Do && x.Message == f.Message && !contains(lines, strconv.Itoa(*x.Line)) {
			lines = append(lines, strconv.Itoa(*x.Line))
		}
	}
	if len(lines) == 0 {
		return "recipe"
	}
	return lineNumbers(lines)
}

func lineNumbers(lines []string) string {
	if len(lines) == 1 {
		return "line " + lines[0]
	}
	return "lines " + strings.Join(lines, ", ")
}

// printRelatives writes the tested recipes near one that has no process.
func printRelatives(w io.Writer, list []review.Relative) {
	if len(list) > 0 {
		fmt.Fprintln(w, "Tested recipes near it, each with a time for it alone:")
	}
	for _, r := range list {
		p := r.Process
		fmt.Fprintf(w, "  %s: %s", r.Procedure.Title, procedure.Ways([]procedure.Process{p})[0])
		var out []string
		for _, no := range r.LinesOut {
			out = append(out, strconv.Itoa(no))
		}
		if len(out) > 0 {
			fmt.Fprintf(w, "; it does not have %s", lineNumbers(out))
		}
		fmt.Fprintln(w)
	}
}
