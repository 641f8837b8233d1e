package method_test

import (
	"testing"

	"github.com/stretchr/testify/assert"

	"damson/core/method"
)

// Air is let out for ten minutes before the weight goes on (USDA Complete Guide 2015, guide 1;
// from memory), however that is told; less, undone, or with the weight on, is asked about.
func TestLetsTheAirOut(t *testing.T) {
	t.Parallel()
	r := reader(t)
	for _, says := range []string{
		"Leave the petcock open ten minutes, then shut it.", "Ten minutes with the valve open.", "Keep the steam coming 10 minutes.", "Give the air 10 minutes to leave.",
		"Drive the air out with ten minutes of steam.", "The weight stays off 10 minutes.", "Wait ten minutes for the air to get out.", "Let the air out 12 minutes.",
	} {
		found := false
		for _, c := range r.Read(says, atLid) {
			assert.NotEqual(t, method.Unread, c.Kind, says)
			found = found || c.Airs()
		}
		assert.True(t, found, says)
	}
	for _, says := range []string{
		"Weight on, then ten minutes of steam.", "Close the petcock and give it 10 minutes of steam.", "Air goes out in under 10 minutes.", "No need to let the air out 10 minutes.",
		"Never mind letting the air out ten minutes.", "10 minutes of steam if you have the patience.", "75 minutes with the weight off.", "Keep the weight off for good.",
	} {
		reads{says: says, asked: true}.check(t, r, atLid)
	}
	// Before the jars are closed, and once they are done, air is only air.
	for _, says := range []string{"Leave the vent over the stove open ten minutes.", "Open a window ten minutes for the air to get out."} {
		for _, c := range r.Read(says, atPot) {
			assert.False(t, c.Airs(), says)
		}
	}
}

// A canner comes down by itself, and a jar that did not seal is no jar for the shelf.
func TestComesDownByItself(t *testing.T) {
	t.Parallel()
	r := reader(t)
	for _, says := range []string{
		"Lay a wet towel on the lid.", "Put ice on the lid.", "Wet the sides down with the hose.", "Bleed the pressure off slowly with the valve.", "Ease the steam out through the petcock.",
		"As soon as the time's up I open it.", "The moment the timer goes I open the canner.", "Any that didn't seal I just put at the front of the pantry.", "The ones that don't ping get eaten in a month or two.",
	} {
		reads{says: says, asked: true}.check(t, r, atRest)
	}
	for _, says := range []string{
		"Lay a towel on the counter for the jars.", "Set the lid to dry on the rack.", "Open it when the pressure is gone.", "When the gauge is at zero I open it.",
		"The ones that don't seal go in the fridge and get eaten this week.", "Unsealed ones get frozen.", "Let it lose its pressure by itself.", "Before that, vent the steam out for 10 minutes.",
	} {
		reads{says: says}.check(t, r, atRest)
	}
}
