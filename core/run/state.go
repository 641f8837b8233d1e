package run

import "time"

// Phase is where a run stands.
type Phase string

// The phases, in their order; those without a vent or a pressure are for pressure only.
const (
	Loaded  Phase = "loaded"  // jars in, no heat yet
	Heating Phase = "heating" // the vent is open, or no full boil yet
	Venting Phase = "venting"
	Rising  Phase = "rising" // closed, below the pressure
	Timing  Phase = "timing"
	Below   Phase = "below"   // the pressure or the boil was lost
	Done    Phase = "done"    // the time is over, the heat still on
	Falling Phase = "falling" // heat off, the pressure comes down by itself
	Down    Phase = "down"    // at zero, the weight still on
	Resting Phase = "resting" // the weight off, or a bath with the heat off
	Open    Phase = "open"    // the lid is off
	Out     Phase = "out"
)

// Unseen is how long nobody may have been seen at a canner whose time counts before Damson
// asks what happened; common practice, no source: the guides say to stay with it.
const Unseen = 10 * time.Minute

// Clock runs from Since for as long as For. A clock that does not run is zero.
type Clock struct {
	Since time.Time
	For   time.Duration
}

// Running reports whether it does.
func (c Clock) Running() bool { return !c.Since.IsZero() }

// End is when it is over.
func (c Clock) End() time.Time { return c.Since.Add(c.For) }

// Gap is a stretch in which nobody was seen at the canner while its time counted.
type Gap struct{ From, Until time.Time }

// State is where a run stands at a moment.
type State struct {
	Phase Phase
	// Since is when the phase began.
	Since time.Time
	// Clock is the one that counts: of the vent, the process, or the rest.
	Clock Clock
	// Starts is how often the clock of the process was started; Best the longest stretch that
	// it is known to have run without a break.
	Starts int
	Best   time.Duration
	// Complete is when the whole time was over, zero where it is not.
	Complete time.Time
	// Vent is how long the steam flowed before the canner was closed. Airy is true where the
	// canner is closed and air is in it: the vent was too short, or it cooled.
	Vent time.Duration
	Airy bool
	// Asks is what Damson did not see and must be told, or nil.
	Asks *Gap
	// Heat is true while the heat is on; HeatOff is when it last went off.
	Heat    bool
	HeatOff time.Time
	// LidOffAt is when the lid came off, zero where nobody said.
	LidOffAt time.Time
	// OutAt is when the jars came out, Whole and Broken how many of them.
	OutAt         time.Time
	Whole, Broken int
	// Later is how many of the events that count were told afterwards, with a time of their own.
	Later int
	// wrong is what was done wrong after the heat, cares is what to look at.
	wrong string
	cares []string
}
