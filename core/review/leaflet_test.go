package review_test

import (
	"slices"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// A jam with a packet of pectin; %1 is the pectin's line, %2 the sugar's, %3 a sentence.
const packetJam = `Raspberry jam

5 cups crushed raspberries
%1
%2

Stir the pectin into the fruit, bring to a full boil, add the sugar at once, boil hard for 1 minute. %3
Ladle into hot half-pint jars, leaving 1/4 inch headspace, and process 10 minutes in a boiling water bath.
`

func ofPacket(pectin, sugar, sentence string) string {
	return strings.NewReplacer("%1", pectin, "%2", sugar, "%3", sentence).Replace(packetJam)
}

// Packaged pectin goes by the directions in its package (USDA Complete Guide 2015, guide 7, from
// memory): who follows them is clear, who does not say so is asked, and is never told to leave
// the pectin out.
func TestLeaflet(t *testing.T) {
	const pectin, sugar = "1 box powdered pectin", "7 cups sugar"
	for _, text := range []string{
		ofPacket(pectin, sugar, "Make it by the directions in the pectin package."),
		ofPacket(pectin, sugar, "Follow the directions in the box."),
		ofPacket(pectin, sugar, "Cook the jam as the pectin leaflet says."),
		ofPacket(pectin, sugar, "It is the recipe in the pectin box."),
		ofPacket(pectin, sugar, "I go by the sheet in the box."),
		ofPacket(pectin, sugar, "The amounts are those of the pectin package."),
		ofPacket(pectin, sugar, "This is straight off the leaflet in the box."),
		ofPacket(pectin, sugar, "Prepare it according to the insert in the pectin box."),
		ofPacket(pectin, sugar, "We do it the way the leaflet tells you."),
		ofPacket(pectin+", by the directions in the box", sugar, ""),
		ofPacket(pectin+" (follow the insert)", sugar, ""),
		ofPacket(pectin+" (made to the box directions)", sugar, ""),
		ofPacket(pectin, sugar+" (as the package says)", ""),
		ofPacket(pectin, "sugar, the amount in the leaflet", ""),
	} {
		res := reviewText(t, text, 500, "")
		require.Equal(t, review.Clear, res.Verdict, text)
		require.Equal(t, "jam-packaged-pectin", res.Procedure.ID, text)
	}
	for _, text := range []string{
		ofPacket(pectin, sugar, ""),
		ofPacket(pectin, sugar, "The box says 7 cups but 4 is plenty."),
		ofPacket(pectin, sugar, "I halve what the leaflet says."),
		ofPacket(pectin, sugar, "I don't follow the leaflet."),
		ofPacket(pectin, sugar, "Double the box recipe."),
		ofPacket(pectin, sugar, "My own way, the box directions never set for me."),
		ofPacket(pectin, sugar, "Prepare the lids by the directions on the box."),
		ofPacket(pectin, sugar, "Follow the directions in the canner box."),
		ofPacket(pectin, sugar, "Follow the directions in the box, but use 4 cups of sugar."),
		ofPacket(pectin, sugar, "Follow the directions in the box and add a cup of jalapenos."),
		ofPacket(pectin+" (the box asks for two)", sugar, ""),
		ofPacket("2 boxes powdered pectin, by the directions in the box", sugar, ""),
		ofPacket(pectin+", by the directions in the box", "1 cup sugar", ""),
		ofPacket(pectin, "4 cups sugar (the leaflet says 7)", ""),
	} {
		require.Equal(t, review.Change, reviewText(t, text, 500, "").Verdict, text)
	}
	open := reviewText(t, ofPacket("2 boxes powdered pectin, by the directions in the box", "sugar to taste", ""), 500, "")
	require.True(t, slices.ContainsFunc(open.Findings, func(f review.Finding) bool { return f.Code == "batch-size" }),
		"several boxes are asked about, whatever the sugar is")
	res := reviewText(t, ofPacket(pectin, sugar, ""), 500, "")
	require.Equal(t, "jam-packaged-pectin", res.Procedure.ID)
	require.Empty(t, res.Serving, "no pectin goes into an opened jar")
}

// Pieces that a source counts by the jar: four or five pearl onions, or two slices (USDA Complete
// Guide 2015, guide 3, tomatoes with okra or zucchini; from memory).
func TestPiecesInEachJar(t *testing.T) {
	const base = `Tomatoes with okra
12 lb tomatoes
4 lb okra
Peel and quarter the tomatoes, boil 10 minutes. Add the sliced okra and boil 5 minutes. Fill jars with mixture, leaving 1-inch headspace. Adjust lids and process pints 30 minutes, quarts 35 minutes at 11 lb.
`
	for sentence, want := range map[string]review.Verdict{
		"Variation: You may add four or five pearl onions or two onion slices to each jar.": review.Clear,
		"Add two onion slices to each jar.":                                                 review.Clear,
		"Add four pearl onions to each jar.":                                                review.Clear,
		"Put in 2 slices of onion per jar.":                                                 review.Clear,
		"Add ten pearl onions to each jar.":                                                 review.Change,
		"Add six onion slices to each jar.":                                                 review.Change,
		"Add two onions to each jar.":                                                       review.Change,
		"Add a handful of pearl onions to each jar.":                                        review.Change,
		"Variation: Add two garlic sausages to each jar.":                                   review.Change,
		"Variation: use 1 cup.":                                                             review.Change,
		"Add five pearl onions, or a few more, to each jar.":                                review.Change,
	} {
		require.Equal(t, want, reviewText(t, base+sentence+"\n", 500, "dial").Verdict, sentence)
	}
}

// Fresh pork fat goes with ground venison, one part to three or four (USDA Complete Guide 2015,
// guide 5, ground or chopped meat; from memory), and with no other meat.
func TestFatByShare(t *testing.T) {
	const rest = "\nShape into balls. Cook until lightly browned. Remove excess fat. Fill hot jars. Add boiling meat broth, leaving 1-inch headspace. Adjust lids and process pints 75 minutes, quarts 90 minutes at 11 lb.\n"
	for list, want := range map[string]review.Verdict{
		"Ground venison\n5 lb ground venison\n1 1/2 lb pork fat":            review.Clear,
		"Ground venison\n5 lb ground venison\n3 lb pork fat":                review.Change,
		"Ground venison\n5 lb ground venison\nsome pork fat":                review.Change,
		"Ground venison\n5 lb ground venison\n1 1/2 lb salt pork":           review.Change,
		"Ground venison\n5 lb ground venison\n1 1/2 lb lard":                review.Change,
		"Ground beef\n5 lb ground beef\n1 1/2 lb pork fat":                  review.Change,
		"Ground venison\n5 lb ground venison\n1 1/2 lb pork fat\n1 lb lard": review.Change,
	} {
		require.Equal(t, want, reviewText(t, list+rest, 500, "dial").Verdict, list)
	}
}
