package method

// SoundState reports a word that says of a food what does no harm, or what is done to every one:
// "ripe", "picked", "peeled". What is neither known to be sound nor a known preparation is asked
// about (common practice, no source).
func SoundState(w string) bool { return soundStates[w] }

// harmlessState is SoundState, or a word that people say of their food in a sentence.
func harmlessState(w string) bool { return soundStates[w] || toldStates[w] }

var (
	soundStates = set(`tough ripe firm dressed loose tight picked husked cultivated measured copied checked young small tender fresh large medium clean good crisp whole mature
		sound even unblemished local homegrown organic bought grown gathered given tied named called written weighed heaped level levelled leveled counted
		needed wanted liked preferred optional reserved set unsweetened plain bitter sweet sour mild hot sharp yellow red green white purple orange golden
		pale dark round long short thin straight smooth best better big bigger smaller larger smallish biggish assorted various several enough extra plenty
		separate similar equal usual regular ordinary normal standard patted blotted dabbed wiped separated prepared purchased desired required chilled
		harvested delivered caught shot butchered hung tested recommended described listed real pure natural tame approximate total favorite favourite dear
		precious lovely beautiful nice fine fancy cheap expensive free available trimmed topped tailed stemmed stoned pitted cored hulled podded shelled
		seeded deseeded skinned boned deboned filleted gutted scaled plucked cut chopped sliced diced cubed halved quartered squeezed juiced washed rinsed
		scrubbed drained shaken sifted sorted saved peeled snapped strung unseasoned raw cold warm cool`)
	toldStates = set(`brought planted sown raised sent carried found ready late early done heavy heavier light lighter worth cheaper dearer biggest smallest largest
		youngest oldest littlest darker paler rounder longer shorter thinner thicker fatter sweeter finest nicest prettiest freshest ugly odd sold promised
		lifted dug pulled ordered lent loaned shared traded swapped paid blessed thrown hauled carted wheeled admired skinny slim slender fat knobbly crooked
		bent stubby teeny wee middling little older newer fresher riper firmer softish fleshed coloured colored sized shaped ripened happy glad proud juicy
		plump perfect excellent great wonderful superb pretty blemished-free put ours mine theirs dry wet dusty muddy sandy gritty meant made used said told
		supposed left-handed awful terrible stubborn slow quick easy hard harder simple tricky messy fiddly fussy common delicious tasty eaten gone popular
		famous special same different alike huge tiny giant enormous`)
)

// Keeper reports what holds food that is no longer fresh: "from a tin", "out of the freezer".
func Keeper(w string) bool { return keepers[w] }

var keepers = set("tin tins can cans freezer packet packets jar jars barrel crock dehydrator smoker bottle bottles icebox")
