package recipe

// The words below are English, not knowledge of the trade: what people write
// around a food. A word that stands on no list is not waved through; the
// review asks about it.

// lineFirst are phrases of ingredient lines that win over a food's name.
const lineFirst = `
peeled: skins slipped, skins off, skin off, skins removed, skin removed
unpeeled: skins on, skin on, with skins, with skin, skins left on, not peeled, unskinned, with the skins on, in their skins, with peel, peel on, peels on, with their skins, with skins on
`

// preparations are what was done to a food, by the canonical word.
const preparations = `
chopped: chopped, chop, coarse chop, roughly cut
diced: diced, dice, cubed small
cubed: cubed, cubes, cube, in chunks, chunks, chunk, in cubes, into cubes, into chunks
sliced: sliced, slices, slice, cut in slices, into slices, in rings, rings, coins, rounds, into rounds, julienned, shaved, matchsticks, strips, spears
minced: minced, mince fine, pressed
cut: cut, cut up, snapped, broken, torn, in pieces, into pieces, pieces, piece, quartered, halved, halves, half, quarters, wedges, cut in half, in lengths, lengths, bite size, bite sized, segments, florets, segmented, fillet, fillets, filleted, filet, filets, cut from the cob, cut off the cob, cut off cob, cut from cob, kernels cut off, kernels cut from the cob
whole: whole
peeled: peeled, pared, skinned, skinless, without skin, without skins, peel removed, scalded and skinned
unpeeled: unpeeled
scrubbed: scrubbed, scrubbed well, well scrubbed, scrubbed clean
trimmed: trimmed, topped and tailed, topped & tailed, tailed, ends trimmed, stemmed, hulled, husked, stems removed, tough ends removed, tough ends trimmed, woody ends trimmed, woody ends snapped off, woody ends removed, ends removed, ends snapped, destringed, shucked, fat removed, fat trimmed, trimmed of fat, well trimmed, trimmed of all fat, defatted, fat skimmed, skimmed, ends off, strings removed, capped, lean, extra lean, silver skin removed
cored: cored, core removed, pith removed
seeded: seeded, deseeded, seeds removed, ribs removed, seeds and ribs removed, seedless, seeded or not, membranes removed
pitted: pitted, stoned, pits removed, stones removed
boned: boned, boneless, deboned, bones removed, off the bone, off the bones, off the carcass, off the carcasses, off the frame, from the carcass, from the bone, no bones, without bones, bones out
bone-in: bone in, with bones, on the bone, with bone
crushed: crushed, smashed, bruised
mashed: mashed, riced
pureed: pureed, puree, purée, blended, liquidized, liquidised, blitzed, blended smooth, strained through a mill, milled, sieved, strained, pulp, pulped
grated: grated, finely grated
shredded: shredded
melted: melted
softened: softened, soft
roasted: roasted, oven roasted, charred, grilled, fire roasted, caramelized, caramelised, blackened, broiled
browned: browned, seared, browned and drained, pan fried
fried: fried, sauteed, sautéed, deep fried, fried soft, fried crisp
cooked: cooked, precooked, parboiled, steamed, boiled, poached, pre cooked, cooked soft, stewed, simmered, cooked until tender, cooked tender, cooked and cooled, cooled, blanched, par cooked, heated, scalded, shredded cooked
soaked: soaked, soaked overnight, rehydrated, presoaked, pre soaked, soaked 12 hours, soaked and drained, soaked and boiled
unsoaked: unsoaked, not soaked, no soak, no soaking, without soaking, no need to soak
drained: drained, strained off, well drained, liquid discarded
rinsed: rinsed, rinsed well, washed, washed well, cleaned, picked over, sorted, picked through
zested: zested
juiced: juiced, squeezed
beaten: beaten, lightly beaten, whisked
shelled: shelled, podded, unshelled, hulls removed
blistered: blistered
thawed: thawed, defrosted
toasted: toasted
ground: ground, coarsely ground, freshly ground, crumbled, cracked
packed: packed, firmly packed, lightly packed, loosely packed, heaped
floured: floured, dredged in flour, breaded, dusted with flour, coated in flour
marinated: marinated
slit: slit, slashed, pricked
`

// states are what a food came as.
const states = `
fresh: fresh, raw, freshly picked, just picked, new
frozen: frozen, unthawed, not thawed, still frozen
dried: dried, dry, dehydrated, freeze dried, sun dried, air dried, oven dried
canned: canned, tinned, store canned, home canned
bottled: bottled, from a bottle
fresh-squeezed: fresh squeezed, freshly squeezed, hand squeezed, squeezed fresh
smoked: smoked
cured: cured, salt cured, dry cured, dry salted, salted down, brine cured, salt packed, packed in salt
salted: salted
unsalted: unsalted, no salt added, salt free, low sodium, reduced sodium, no salt
bottled-water: spring
lean: lean
overripe: overripe, over ripe, mouldy, moldy, frost killed, frostbitten, from dead vines, spoiled, rotten, bruised fruit
starch-free: starch free, no starch, free of starch, without starch, gluten free, starch and milk free, free of starch and milk, no starch or milk, no thickener, unthickened, no thickeners
`

// linePlain are words of an ingredient line that change nothing.
const linePlain = `
undrained, not drained, in husk, in husks, in the husk, in the pod, in pods, in the shell, jointed, ears of, from the bean, from the beans, a, an, the, of, and, or, to, for, with, in, into, as, at, by, on, from, your, my, our, about, approximately, approx, around, roughly, circa, ca, each, every, per, plus, more, extra, each one, some, if, you, like, any, kind, type, variety, varieties, needed, desired, required, preferred, optional, divided, taste, such, i, use, used, using, is, are, it, them, that, this, was, be, very, well, finely, coarsely, roughly, thinly, thickly, lightly, freshly, fine, coarse, fairly, rather, just, only, per batch, so, then, until, total, weight, worth, e, g, ie, eg, other, both
ish, large, medium, small, big, little, tiny, med, lg, sm, size, sized, jumbo, thick, thin, long, short, average, good sized, medium sized, regular, standard, mixed, assorted, baby, whole ones
ripe, slightly, underripe, under ripe, just ripe, firm, tender, young, dessert, culinary, eating, bottling, keeping, good, best, quality, nice, sound, perfect, crisp, juicy, plump, mature, organic, homegrown, home grown, garden, local, store bought, storebought, commercial, commercially, supermarket, favorite, favourite, preferably, ideally, free range, grass fed, wild caught, natural, pure, unsweetened, plain, clear, thin skinned, sweet, uniform, unblemished, unwaxed, grown, own, farm, picked, frozen or fresh, fresh or frozen, light, heavy, yellow fleshed, freestone, hot, cold, warm, boiling, room temperature, chilled, lukewarm, cool, ready, prepared weight
inch, inches, cm, mm, centimeter, centimetre, minute, second, hour, percent, acidity, acid, strength, 5 percent, degree, night, overnight, day
level, heaping, heaped, scant, generous, rounded, good, couple, few, several, bit, tad, touch, splash, handful
batch, recipe, jar, jars, canning, preserving, cooking, baking, pickling, table, kosher, sea, stem, stems, stalks, leaves, leaf, root, bulb, kernel, kernels, flesh, meat, seed, seeds, pod, pods, skin, skins, peel, core, end, ends, top, tops, bone, bones, fat, cover, fill, quart, pint, half, pounds, pound, ounces, cup, cups, can, cans, tin, tins, package, bunch, head, clove, cloves, stick, stalk, sprig, juice, piece, pieces, bag, box, bottle, container, hand, below, above, note, see, here, also, removed, discarded, reserved, saved, left, leave, keep, kept, without, no, not, off, out, up, after, before, remaining, rest, all, together, separately, mixture, combination, equal, parts, part, amount, again, or more, or less, more or less, or so, enough, additional
garnish, serve, serving, topping
usual, normal, normally, original, called, recommended, suggested
across, lengthwise, crosswise, diagonal, diagonally, square, squares, thickness, apart, wide, diameter, same
`
