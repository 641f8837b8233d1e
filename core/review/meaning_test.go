package review_test

import (
	"fmt"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// base is a clear recipe with one sentence more in its method.
const base = "Green beans\n\nIngredients\n4 lb green beans\nwater\n\nMethod\nPack raw in pints and cover with boiling water, leaving 1 inch headspace.\n%s\nProcess 20 minutes at 11 pounds in a dial gauge pressure canner.\n"

func saying(t *testing.T, sentence string) review.Result {
	t.Helper()
	return reviewText(t, fmt.Sprintf(base, sentence), 300, "dial")
}

// A hazard is made of what is put in and how it is said; each pair is tried, so
// that no single wording is what the reader knows. All were written for this test.
func TestHazardsByComposition(t *testing.T) {
	things := []string{"cream", "a lump of butter", "cornflour", "streaky bacon", "cooked rice", "grated cheddar", "egg noodles", "olive oil", "milk powder", "a roux", "coconut milk", "breadcrumbs"}
	ways := []string{"Stir in %s.", "Add %s now.", "We always put in %s.", "Then goes in %s.", "Slip %s into each jar.", "Finish with %s.", "I drop %s on top before the lids.", "Top each pint with %s.", "A helping of %s goes in last.", "Don't forget %s, stirred through.", "Tip in %s and give it a turn.", "Chuck in %s."}
	var missed []string
	for _, thing := range things {
		for _, way := range ways {
			s := fmt.Sprintf(way, thing)
			if saying(t, s).Verdict == review.Clear {
				missed = append(missed, s)
			}
		}
	}
	require.Empty(t, missed)
}

// Acts that cut the process short or break it, in several mouths.
func TestActsThatSpoilTheProcess(t *testing.T) {
	var missed []string
	for _, s := range []string{
		"Skip the venting, it wastes gas.", "There is no need to let it vent.", "Do not bother venting.",
		"Half the time will do for us.", "I knock ten minutes off and nobody died.", "Ten minutes is plenty for beans this young.",
		"Mash the beans first.", "Put the beans through the ricer.", "Blend them to a cream.",
		"Use last year's lids if they look sound.", "An old mayonnaise jar does as well.", "Pour melted wax on top instead of lids.",
		"Leave no headspace.", "Don't forget the gravy.", "Never skimp on the roux.", "Don't leave out the slurry.",
		"Do the trick with the white powder.", "Then do the thing Mum does.", "Do what we always do with the good stuff.", "Some flarn goes in here.",
	} {
		if saying(t, s).Verdict == review.Clear {
			missed = append(missed, s)
		}
	}
	require.Empty(t, missed)
}

// Talk that touches nothing leaves the recipe as it is. The bound is what is
// reached: it is to be tightened.
func TestHarmlessTalk(t *testing.T) {
	talk := []string{
		"My grandmother had these every winter.", "The dog sleeps under the stove while I work.", "Call the children, they love to watch.", "We moved here in the spring.",
		"It rained all week.", "My neighbour gave me the seeds.", "Happy canning!", "I hope you like them as much as we do.", "Wipe the rims and put the lids on.",
		"Label the jars when they are cold.", "Check the seals the next day.", "Keep them in the pantry.", "These won a ribbon at the fair.", "The whole family helps.",
		"Serve them with butter.", "When you open a jar, fry some bacon and toss the beans in it.", "Lovely on a cold night.", "Enjoy!",
	}
	var stopped []string
	for _, s := range talk {
		if saying(t, s).Verdict != review.Clear {
			stopped = append(stopped, s)
		}
	}
	t.Logf("%d of %d stopped: %q", len(stopped), len(talk), stopped)
	require.LessOrEqual(t, len(stopped), len(talk)/5)
}
