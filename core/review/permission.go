package review

// Leave is the kind of a permission.
type Leave int

// The kinds. The zero value is none: a line without leave is asked about.
const (
	NoLeave Leave = iota
	// AsTested is what the tested recipe has itself.
	AsTested
	// Allowed is what a rule of the trade lets anyone change.
	Allowed
	// ForOpened goes in when the jar is opened.
	ForOpened
	// Asked has a change or a question beside it: nothing more is said of it.
	Asked
	// Uncompared is given where there is no procedure, and never clears.
	Uncompared
)

// Permission is why an ingredient stands as it is.
type Permission struct {
	Kind Leave
	// Rule is the code of the rule that gives it; empty for the tested recipe itself.
	Rule string
	// Why is the reason in a few words; empty where the rule's title says it.
	Why string
}

// Given reports whether there is a permission at all.
func (p Permission) Given() bool { return p.Kind != NoLeave }

// words is the reason in words, empty where the line is as tested.
func (p Permission) words() string {
	if r := byCode[p.Rule]; p.Why == "" && r != nil {
		return r.Title
	}
	return p.Why
}

// asTested is the leave of the tested recipe itself.
func asTested(why string) Permission { return Permission{Kind: AsTested, Why: why} }

// permit gives item i its leave. The first one stands: a rule that comes later
// neither widens nor narrows it.
func (b *bench) permit(i int, p Permission) {
	if !b.leave[i].Given() {
		b.leave[i] = p
	}
}

// allow permits item i under the rule and says so in the margin.
func (b *bench) allow(i int, code string, f Finding) {
	b.permit(i, Permission{Kind: Allowed, Rule: code})
	b.say(i, code, f)
}

// say notes something about item i. It gives no leave.
func (b *bench) say(i int, code string, f Finding) { b.remark(i, code, Note, f) }

// care warns of something about item i. It gives no leave: "peel it" does not
// mean that it may go in.
func (b *bench) care(i int, code string, f Finding) { b.remark(i, code, Care, f) }

// ask files a change or a question about item i. It keeps the recipe from being
// clear, so that nothing more need be asked of the item.
func (b *bench) ask(i int, code string, f Finding) {
	b.permit(i, Permission{Kind: Asked, Rule: code})
	b.remark(i, code, Amend, f)
}

func (b *bench) remark(i int, code string, severity Severity, f Finding) {
	f.Code, f.Severity, f.Line, f.Ingredient = code, severity, at(b.items[i].line), b.items[i].name
	b.report(f)
}
