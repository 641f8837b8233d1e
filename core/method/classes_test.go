package method_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// The places at which a sentence may stand.
var (
	preparing = method.Where{Stage: method.Stage{Method: true, ToFill: true}}
	filled    = method.Where{Stage: method.Stage{Method: true, Filled: true}}
	lidded    = method.Where{Stage: method.Stage{Method: true, Filled: true, Closed: true}}
	processed = method.Where{Stage: method.Stage{Method: true, Filled: true, Closed: true, Done: true}}
	// underPressure is a pressure canner whose heat is off.
	underPressure = method.Where{Stage: method.Stage{Method: true, Filled: true, Closed: true, Done: true, UnderPressure: true}}
	statedOnce    = method.Where{Stage: method.Stage{Method: true, Filled: true, Closed: true}, Times: map[float64]int{40: 1}}
)

// unread returns the codes of the clauses that are asked about by what they say; the second
// look at what they are like has a test of its own.
func unread(t *testing.T, r *method.Reader, at method.Where, sentence string) []string {
	t.Helper()
	var out []string
	for _, c := range r.Read(sentence, at) {
		if c.Kind == method.Unread && c.Why != method.Likeness {
			out = append(out, c.Code)
		}
	}
	return out
}

// What leaves the batch as it is, by the class of what is said.
func TestHarmlessClasses(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for name, class := range map[string]struct {
		at        method.Where
		sentences []string
	}{
		"what it fills":     {preparing, []string{"That's about five pints and a spoonful for the cook.", "It makes nine pints.", "This gives me seven quarts.", "Two quarts to a bird, seven quarts in all.", "It makes plenty."}},
		"what a book says":  {statedOnce, []string{"The book says forty.", "The chart gives us 40 minutes."}},
		"how it turns out":  {preparing, []string{"Sage goes bitter in the canner.", "They turn brown.", "It shrinks to nothing."}},
		"where it is from":  {preparing, []string{"I get mine off Mr. Tolliver.", "We have ours from the market."}},
		"thrown out":        {preparing, []string{"Throw back anything yellow.", "Toss out whatever is spotted.", "Chuck the soft ones away."}},
		"a drink":           {processed, []string{"Have chai.", "Cup of tea.", "Pour yourself a coffee."}},
		"another story":     {preparing, []string{"The pears with red wine, this is another story.", "Beans with cream, that is another dish."}},
		"what it is not":    {preparing, []string{"This isn't the creamy kind.", "This is a relish, not a salsa.", "There is not one lick of butter in butter beans."}},
		"a comparison":      {preparing, []string{"I make mine about the size of a hen egg.", "They go soft as cheese."}},
		"for the opened":    {processed, []string{"When company comes: open, boil ten minutes with a piece of side meat.", "Come winter I drain two quarts.", "In goes the cream the night you have it.", "The macaroni goes in when I heat it up."}},
		"only wished for":   {processed, []string{"Our Trevor wanted to run the cold tap on it.", "My cousin tried to hurry it up."}},
		"closed by hand":    {lidded, []string{"Lid and ring, snug with your fingertips and quit."}},
		"a time said again": {statedOnce, []string{"With the bone in it is 40."}},
		"the canner alone":  {processed, []string{"It descends alone.", "Until it is itself on zero.", "Turned it off."}},
		"small words":       {preparing, []string{"Dinnae fash.", "Put it in the big pan wi' just water to cover."}},
	} {
		for _, s := range class.sentences {
			assert.Empty(t, unread(t, r, class.at, s), "%s: %s", name, s)
		}
	}
}

// What may change the batch, by the class of what is said, is asked about under the
// code that speaks of it.
func TestHazardClasses(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for name, class := range map[string]struct {
		at        method.Where
		code      string
		sentences []string
	}{
		"an end by other signs": {lidded, "process-short", []string{"When the house smells of them they come out.", "Till the radio play is over.", "Off as soon as it bubbles.", "Not a second over twenty-five."}},
		"a time with an if":     {lidded, "process-short", []string{"An hour if the fire is good.", "Thirty minutes if you are tired."}},
		"a time that does":      {lidded, "process-short", []string{"Forty minutes does for pints.", "Twenty minutes like the beans."}},
		"a number of nothing":   {lidded, "process-short", []string{"Seventy-five is for the nervous, fifty for us.", "Twenty in the book, twelve in life."}},
		"goes on after a drop":  {lidded, "process-short", []string{"If it quits rocking you carry on.", "When it drops, just add five."}},
		"no boil":               {lidded, "method-mismatch", []string{"Keep the water just under the boil.", "No need to have the water over the lids.", "The tops stick out, no matter."}},
		"no pressure":           {lidded, "method-mismatch", []string{"Vegetables need no pressure really."}},
		"no steam":              {lidded, "vent", []string{"No steam needed first.", "I put the weight on when I light the gas."}},
		"no gauge":              {lidded, "pressure-low", []string{"The gauge is broken so I go by ear.", "It is an old canner without a gauge."}},
		"into the cold":         {processed, "cooling", []string{"Then straight into the sink of cold water.", "We drowned them in the creek.", "I open it when it stops hissing."}},
		"large pieces":          {preparing, "piece-size", []string{"Cubes the size of a fist."}},
		"fresh juice":           {preparing, "fresh-citrus", []string{"The lemon can be the fresh kind.", "Squeeze a couple."}},
		"acid halved":           {preparing, "acid-short", []string{"So I halve the lemon."}},
		"frozen":                {preparing, "pack-style", []string{"Frozen chunks straight in."}},
		"no name":               {preparing, "unknown-ingredient", []string{"One spoonful each of the white powder."}},
		"no bands":              {filled, "lid", []string{"Lids loose and quit there, no bands."}},
	} {
		for _, s := range class.sentences {
			assert.Contains(t, unread(t, r, class.at, s), class.code, "%s: %s", name, s)
		}
	}
}
