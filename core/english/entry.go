package english

// Topic is the lexicographer's file of a noun or verb in WordNet 3.0
// (lexnames(5WN)): what the word's commonest sense is about.
type Topic uint8

// The topics that readers ask for.
const (
	NounAct       Topic = 4
	NounAnimal    Topic = 5
	NounArtifact  Topic = 6
	NounAttribute Topic = 7
	NounBody      Topic = 8
	NounCognition Topic = 9
	NounWords     Topic = 10
	NounEvent     Topic = 11
	NounFeeling   Topic = 12
	NounFood      Topic = 13
	NounGroup     Topic = 14
	NounPlace     Topic = 15
	NounMotive    Topic = 16
	NounObject    Topic = 17
	NounPerson    Topic = 18
	NounNature    Topic = 19
	NounPlant     Topic = 20
	NounOwning    Topic = 21
	NounProcess   Topic = 22
	NounQuantity  Topic = 23
	NounRelation  Topic = 24
	NounShape     Topic = 25
	NounState     Topic = 26
	NounSubstance Topic = 27
	NounTime      Topic = 28
	VerbBody      Topic = 29
	VerbChange    Topic = 30
	VerbThink     Topic = 31
	VerbSay       Topic = 32
	VerbCompete   Topic = 33
	VerbConsume   Topic = 34
	VerbContact   Topic = 35
	VerbCreate    Topic = 36
	VerbFeel      Topic = 37
	VerbMove      Topic = 38
	VerbPerceive  Topic = 39
	VerbOwn       Topic = 40
	VerbSocial    Topic = 41
	VerbBe        Topic = 42
	VerbWeather   Topic = 43
)

// The bits of an Entry beside its two topics.
const (
	isAdjective = 1 << iota
	isAdverb
	isProper
	mayPerson
	mayAnimal
	mayFood
	mayPlant
)

// Entry is what a word may be.
type Entry struct {
	noun, verb Topic // 0 where it is none
	bits       uint8
}

// AddNoun sets the topic of the commonest noun sense.
func (e *Entry) AddNoun(file uint8) { e.noun = Topic(file) }

// AlsoNoun notes a noun sense, whatever its rank.
func (e *Entry) AlsoNoun(file uint8) {
	switch Topic(file) {
	case NounPerson:
		e.bits |= mayPerson
	case NounAnimal:
		e.bits |= mayAnimal
	case NounFood:
		e.bits |= mayFood
	case NounPlant:
		e.bits |= mayPlant
	}
}

// AddVerb sets the topic of the commonest verb sense.
func (e *Entry) AddVerb(file uint8) { e.verb = Topic(file) }

// AddAdjective, AddAdverb and SetProper say what else the word is; a proper
// word is one that is only ever written with a capital.
func (e *Entry) AddAdjective() { e.bits |= isAdjective }

// AddAdverb marks an adverb.
func (e *Entry) AddAdverb() { e.bits |= isAdverb }

// SetProper marks a name.
func (e *Entry) SetProper() { e.bits |= isProper }

// Pack returns the entry in three bytes.
func (e *Entry) Pack() []byte { return []byte{byte(e.noun), byte(e.verb), e.bits} }

// Noun returns the topic of the commonest noun sense, 0 where it is no noun.
func (e Entry) Noun() Topic { return e.noun }

// Verb returns the topic of the commonest verb sense, 0 where it is no verb.
func (e Entry) Verb() Topic { return e.verb }

// Adjective reports whether it may be an adjective.
func (e Entry) Adjective() bool { return e.bits&isAdjective != 0 }

// Adverb reports whether it may be an adverb.
func (e Entry) Adverb() bool { return e.bits&isAdverb != 0 }

// Proper reports whether every noun sense is a name: the composer Smetana
// must not excuse smetana.
func (e Entry) Proper() bool {
	return e.bits&isProper != 0 && e.verb == 0 && e.bits&(isAdjective|isAdverb) == 0
}

// MayPerson, MayAnimal, MayFood and MayPlant report whether any sense is one.
func (e Entry) MayPerson() bool { return e.bits&mayPerson != 0 }

// MayAnimal reports whether any sense is an animal.
func (e Entry) MayAnimal() bool { return e.bits&mayAnimal != 0 }

// MayFood reports whether any sense is a food.
func (e Entry) MayFood() bool { return e.bits&mayFood != 0 }

// MayPlant reports whether any sense is a plant.
func (e Entry) MayPlant() bool { return e.bits&mayPlant != 0 }
