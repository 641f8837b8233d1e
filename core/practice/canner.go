// Package practice is a canner to practise with: a model of a pressure canner, or of a pot of
// boiling water, that does what the real one would do on the burner, and shows it on a gauge.
// It teaches the hand. It says nothing of what is safe: what is in its jars is invented, one
// temperature stands for the whole pot, and one jar for all.
//
// The balance of heat, steam and trapped air is common physics; the figures of the pot, the
// burner and the vent are guesses of the right size, from memory (a 20-litre canner on a
// kitchen burner).
package practice

import (
	"math"

	"damson/core/elevation"
)

// Pot is the canner and what is in it. The zero value is not useful; see New.
type Pot struct {
	feet     float64
	pressure bool
	jars     int
	jar      jar
	fault    Fault

	t      float64 // °C of water, metal and gas
	water  float64 // kg
	air    float64 // kg in the gas that mixes, pocket the kg that hardly does
	pocket float64
	inside float64 // °C of the jars
	second float64 // since the start
	steam  float64 // kg of steam that are left where the water has boiled away
	dry    bool
	off    float64 // the second at which the heat went off, 0 while it is on

	meddled bool // somebody else's hands were at it

	// Burner is the share of the full flame, Vent whether it is open, Set the pressure in psi
	// that the weight lets go at, or that the cook holds a dial at.
	Burner float64
	Vent   bool
	Set    float64
}

// jar is what one jar takes: its volume in m³, the ground it stands on in m², and the heat that it
// takes in J/K; reach is the heat that goes in, in W/K.
type jar struct{ volume, foot, heat, reach float64 }

var jars = map[bool]jar{true: {1.18e-3, 0.00715, 4000, 9}, false: {0.63e-3, 0.0052, 2000, 5.5}}

// The pot: from memory, of the right size.
const (
	volume    = 0.020  // m³
	metal     = 5000.0 // J/K
	floor     = 0.076  // m²
	toRoom    = 3.5    // W/K
	room      = 22.0   // °C
	flame     = 1800.0 // W into the pot
	bore      = 1.6e-5 // m² of the vent pipe
	weightGap = 1e-6   // kg/s for each Pa above what the weight holds
	density   = 960.0  // kg/m³ of hot water
	share     = 0.4    // of the air hides in the pocket
	mixing    = 200.0  // s
	gasAir    = 287.05287
	gasSteam  = 461.526
	step      = 5.0 // s
	hottest   = 160 // °C of a dry pot: whoever smells it turns the flame down
	// thickens is by how many kg a m³ of saturated steam grows heavier for each °C between 100 and
	// 120 (0.598 to 1.12 kg in steam tables, from memory).
	thickens = 0.026
)

// New returns a pot with warm water in it: quarts or smaller jars, so many of them, at an
// elevation in feet.
func New(feet float64, pressure bool, quarts bool, n int, f Fault) *Pot {
	p := &Pot{feet: feet, pressure: pressure, jars: n, jar: jars[quarts], fault: f, t: 70, water: 2.8, inside: 70, Vent: true}
	if !pressure {
		p.water = 12
	}
	if f.water > 0 && pressure {
		p.water = f.water
	}
	all := (elevation.Pressure(feet) - saturation(p.t)) * p.gas() / (gasAir * kelvin(p.t))
	p.air, p.pocket = all*(1-share), all*share
	return p
}

func kelvin(c float64) float64     { return c + 273.15 }
func saturation(c float64) float64 { return elevation.SaturationPressure(kelvin(c)) }

// gas is the volume that steam and air have, in m³.
func (p *Pot) gas() float64 {
	return math.Max(volume-float64(p.jars)*p.jar.volume-0.0004-p.water/density, 0.001)
}

// inner is the pressure inside, in Pa.
func (p *Pot) inner() float64 {
	return p.vapour() + (p.air+p.pocket)*gasAir*kelvin(p.t)/p.gas()
}

// vapour is the pressure of the steam, in Pa: that of boiling water, or of what is left of it.
func (p *Pot) vapour() float64 {
	if p.dry {
		return p.steam * gasSteam * kelvin(p.t) / p.gas()
	}
	return saturation(p.t)
}

// boil is where water boils here, in °C.
func (p *Pot) boil() float64 {
	return elevation.SaturationTemperature(elevation.Pressure(p.feet)) - 273.15
}

// Gauge is the true gauge pressure in psi; a bath has none.
func (p *Pot) Gauge() float64 {
	if !p.pressure {
		return 0
	}
	return math.Max((p.inner()-elevation.Pressure(p.feet))/elevation.PascalPerPSI, 0)
}

// shown is what the gauge shows, in psi.
func (p *Pot) shown() float64 {
	if g := p.Gauge(); g > 0.05 {
		return g + p.fault.offset
	}
	return 0
}

// F is the temperature in the pot in °F.
func (p *Pot) F() float64 { return elevation.Fahrenheit(kelvin(p.t)) }

// Steams reports whether steam flows out without a break; of a bath, whether it boils fully.
func (p *Pot) Steams() bool {
	shut := p.pressure && !p.Vent
	return p.water > 0 && !shut && p.t > p.boil()-0.3 && p.Burner*p.fault.flame(p.second) > 0.15
}

// Dry reports that the water has boiled away.
func (p *Pot) Dry() bool { return p.water <= 0 }

// Water is what is left of it, in kg.
func (p *Pot) Water() float64 { return p.water }

// Run lets so many seconds go by.
func (p *Pot) Run(seconds float64) {
	for seconds > 1e-9 {
		dt := math.Min(step, seconds)
		p.turn(dt)
		seconds -= dt
	}
}

// turn lets dt seconds go by.
func (p *Pot) turn(dt float64) {
	p.second += dt
	q := flame * p.Burner * p.fault.flame(p.second)
	into := float64(p.jars) * p.jar.reach * (p.t - p.inside)
	p.inside += into * dt / (float64(p.jars) * p.jar.heat)
	latent := (2500.9 - 2.44*p.t) * 1000
	out := p.leaving() // kg/s of gas
	steam := p.vapour() * p.gas() / (gasSteam * kelvin(p.t))
	if p.dry {
		latent = 0
	}
	y := p.air / math.Max(p.air+steam, 1e-9)
	heat := 4200*math.Max(p.water, 0) + metal + p.gas()*latent*thickens
	if !p.pressure {
		p.bath(q-toRoom*(p.t-room)-into, heat, latent, dt)
		return
	}
	p.t += (q - toRoom*(p.t-room) - into - out*(1-y)*latent) / heat * dt
	if p.dry {
		p.steam, p.t = math.Max(p.steam-out*(1-y)*dt, 0), math.Min(p.t, hottest)
	} else {
		p.water -= out * (1 - y) * dt
	}
	p.air = math.Max(p.air-out*y*dt, 0)
	moved := (p.pocket - p.air*share/(1-share)) * (1 - math.Exp(-dt/mixing))
	p.pocket -= moved
	p.air += moved
	if p.Vent && p.inner() < elevation.Pressure(p.feet) { // it draws air
		p.air += (elevation.Pressure(p.feet) - p.inner()) * p.gas() / (gasAir * kelvin(p.t))
	}
	if p.water <= 0 && !p.dry {
		p.dry, p.water = true, 0
		p.steam = saturation(p.t) * p.gas() / (gasSteam * kelvin(p.t))
	}
}

// bath is a turn of an open pot: it boils, and never goes above that.
func (p *Pot) bath(net, heat, latent, dt float64) {
	p.t += net / heat * dt
	if top := p.boil(); p.t > top {
		p.water = math.Max(p.water-(p.t-top)*heat/latent, 0)
		p.t = top
	}
}

// leaving is the gas that flows out, in kg/s: through the open vent, past the weight, and
// where it leaks.
func (p *Pot) leaving() float64 {
	over := p.inner() - elevation.Pressure(p.feet)
	if over <= 0 {
		return 0
	}
	rho := p.vapour()/(gasSteam*kelvin(p.t)) + p.air/p.gas()
	area := p.fault.leak(p.second)
	if p.Vent {
		area += bore
	}
	flow := 0.7 * area * math.Sqrt(2*rho*over)
	if over < 200 {
		flow = 0.7 * area * math.Sqrt(2*rho*200) * over / 200
	}
	if hold := p.Set * elevation.PascalPerPSI; !p.Vent && p.Set > 0 && over > hold {
		flow += weightGap * (over - hold)
	}
	return flow
}
