import type { Phrases } from './phrases.js';

export const breathing: Phrases = {
  'natural-awareness': {
    plain: `
      natural breath; just watch the breath; watch yr breath; watching the breath; notice the breath;
      notice breathing, no changing; observe the breath; breath awareness; awareness of breath; breath obs;
      breath check-in; breath watching; anapana; anapanasati; anapansati; ana pana sati ?; swasa darshan; shwas darshan;
      sahaja pranayama ?; normal breathing, nothing to do; breathe naturally and notice; feel air at the nostrils;
      sit and feel the breath come and go; let breath be; free breath; find your breath; tune in to breath;
      breathing as it is; watch the waves @kids; mindful breathing ?; sit and watch the breath; arrive with breath;
      sit with breath; just breathing; quiet sitting, breath; be with the breath;
      watch the breath; quiet breathing; observe breathing; sit with the breath
    `,
    'hands-on-belly-and-chest': `
      hand on belly, hand on chest, notice; one hand heart, one hand tummy, natural breath;
      hands on belly + chest, just feel; palms on chest and abdomen, observe breath; hand on heart hand on belly ?
    `,
    lying: `
      lie down and watch the breath @lying; breath awareness lying; on back, notice natural breath;
      supine breath observation; lying still, feel breath move by itself
    `,
    not: `
      deep breathing = three-part-breath; belly breathing = balloon-breath; count the breath even = equal-breath;
      ujjayi = ujjayi; body scan = body-scan; breath retention = antara-kumbhaka; meditation on a mantra = absent
    `,
  },
  'balloon-breath': {
    plain: `
      balloon breath; balloon breathing; belly breath; belly breathing; tummy breathing; tummy breaths;
      abdominal breathing; abdominal breath; abdo breathing; diaphragmatic breathing; diaphragm breath; diaphragmatic br;
      diaphramatic breathing; low breathing; lower belly breath; adham pranayama; adhama pranayama; breathe into belly;
      belly rises and falls; tummy up like a balloon, tummy down; hands on belly, feel it rise;
      on back, knees bent, breathe in to the belly; inflate the belly, deflate; belly swells on in-breath;
      abdominal breath w hands; baby breathing; deep belly breaths; balloon tummy @kids; breathe with the stomach;
      stomach breathing; belly breaths; hands on belly, breathe; balloon; palms on belly, belly swells and sinks;
      breathe to the belly;
      diaphragm breathing; breathe into the belly
    `,
    'with-a-toy-on-the-belly': `
      teddy on tummy; breathing buddy @kids; toy on belly, rock it to sleep; beanie on the belly, up and down;
      sandbag/rice bag on belly ?; soft toy rides the breath; book on belly, watch it rise
    `,
    'with-an-opening-ball-or-hands': `
      hoberman sphere; breathing ball; hands open like a balloon in front; expanding ball breath @kids;
      hands round a pretend balloon, open and close; ball opens on in-breath; blow up balloon with hands
    `,
    prone: `
      belly breath lying face down; breathe into floor, on tummy; prone belly breathing; crocodile breath;
      crocodile breathing; makarasana breathing; on front, forehead on hands, belly presses floor
    `,
    not: `
      three-part breath = three-part-breath; balloon waits = three-count-pause; rib breathing = rib-breath;
      chest breathing = absent; candle breath = feather-breath; belly pump breath = kapalabhati;
      stomach lift = uddiyana-bandha; pelvic tilt = supine-pelvic-tilt
    `,
  },
  'three-part-breath': {
    plain: `
      three-part breath; 3 part breath; 3-part br; three part breathing; 3-pt breath; dirgha; dirgha pranayama;
      deergha swasam; dirgha swasam; durga breath; durgha pranayama; full yogic breath; yogic breathing; complete breath;
      complete yoga breath; full breath; belly-ribs-chest; belly, ribs, collarbones; fill belly then ribs then chest;
      abdominal-thoracic-clavicular breath; vibhagiya pranayama; sectional breathing ?; mahat yoga pranayama; wave breath;
      breath in three stages; fill the glass from the bottom; fill the glass @kids; bottom middle top breath;
      3 stage breath; breathe up the body, empty top to bottom; sectional breathing; abdomen chest upper; vibhagiya;
      dirga; belly, ribs, chest breath
    `,
    'two-parts': `
      two-part breath; 2-part breath, belly and ribs only; belly then chest, two stages; two-step breath, no collarbones;
      just belly + ribs; only two sections
    `,
    not: `
      viloma, interrupted breath = absent; box breath = box-breath; belly breath = balloon-breath; 360 breath = rib-breath;
      sama vritti = equal-breath; durga pose = absent; three-count hold = three-count-pause
    `,
  },
  'rib-breath': {
    plain: `
      rib breathing; rib breath; side rib breath; side-rib breathing; lateral breathing; lateral costal breathing;
      pilates breath; intercostal breathing; thoracic breathing; 360 breath; 360 breathing; three-sixty breath;
      back breathing; back-body breath; breathe into the back ribs; breathe wide; breathe into side ribs;
      hands on side ribs, feel them widen; hands round the lower ribs, ribs spread sideways; umbrella breath ?;
      accordion @kids; accordion ribs; gills breathing; ribcage breathing; madhyam pranayama; madhyama pranayama;
      bucket-handle breath; ribs open like an umbrella; breathe into your bra strap
    `,
    'strap-round-the-ribs': `
      rib breath with strap; belt round the ribs, breathe into it; scarf around ribcage, feel it stretch;
      theraband round ribs, push it out with the breath; strap rib breathing; scarf round the ribs
    `,
    not: `
      belly breath = balloon-breath; three-part breath = three-part-breath; rib circles = seated-circles;
      clavicular breath = absent; strap around the foot = chair-hamstring-stretch
    `,
  },
  ujjayi: {
    plain: `
      ujjayi; ujjai; ujayi; ujjaya; ujaii; ujjay breath; oojai; oo-jai breath; ujjayi pranayama; ujjai pranayam; uj breath;
      ocean breath; sea breath; sound of the sea; whisper breath; whispering breath; victorious breath; conqueror breath;
      Darth Vader breath; vader breath; fog the mirror, mouth closed; breathe as if misting a mirror, lips shut;
      slight narrowing at back of throat; soft hiss in the throat; throat breath; audible breath thru nose; snoring breath;
      shell breath @kids; wave sound breathing; breath with sound ?; victorious; uj;
      ujjayi breath
    `,
    'only-on-the-exhale': `
      ujjayi on exhale only; ocean sound just out-breath; half ujjayi, exhale; fog mirror breathing out;
      haa w mouth shut on the exhale; throat sound only going out
    `,
    silent: `
      silent ujjayi; ujjayi so soft nobody hears; inner ujjayi, no sound; barely-there throat narrowing;
      very quiet ocean breath
    `,
    not: `
      bee humming = bhramari; hissing breath through teeth = sitkari; uddiyana = uddiyana-bandha;
      snake hiss = snake-breath; lion's breath haa = lions-breath; fog the glasses with open mouth = absent;
      victory pose arms up = urdhva-hastasana; whisper lion = kids-lion
    `,
  },
  'three-count-pause': {
    plain: `
      three-count pause; 3-count pause; pause after the inhale; small pause at top of breath;
      short hold after breathing in; small hold; little hold in; tiny retention at the top; pause at the top;
      short antara kumbhaka; mini kumbhak; short kumbhaka in; breathe in, wait, breathe out; hold in for 3;
      hold in for three; inhale pause exhale; soft pause full lungs; gentle breath hold after in-breath;
      balloon waits @kids; wait w the full balloon; hold at the top, no strain; in, pause, out; pause after in-breath;
      in, hold 3, out; pause 1-2-3
    `,
    'without-the-pause': `
      no pause, just in and out; skip the hold; breathe w/out the pause; leave out retention, plain slow breath;
      in, out, no waiting
    `,
    'pause-after-the-exhale': `
      small pause after exhale; pause at the bottom; wait empty a moment; short hold out; little rest after the out-breath;
      bottom-of-breath pause
    `,
    not: `
      full breath hold w/ bandhas = antara-kumbhaka; hold empty w/ locks = bahya-kumbhaka; box breath = box-breath;
      three-part breath = three-part-breath; 4-7-8 = absent; viloma stop-start inhale = absent; cooling breath = sitali
    `,
  },
  'extended-exhale': {
    plain: `
      longer exhale; lengthen exhale; ext exhale; exhale longer than inhale; out longer than in; lengthen the out-breath;
      long out-breath; calming breath ?; ratio breath ?; ratio 1:2; 1:2 breath; 1 to 2 breath; one-to-two breath;
      2:1 exhale; two-to-one breath; double exhale; visama vritti; vishama vritti; visamavritti; rechak double; 4 in 6 out;
      in for four out for six; 4/6 breath; four-six breath; slow out-breath; make your out breath long;
      exhalation double the inhalation; long breath out; slow snail breath @kids; unequal breath; long exhale;
      4:6 breathing; in 4 out 8; exhale longer; out-breath longer; two to one; breathe out slower;
      in 4 out 6; long slow exhales; 1:2 breathing
    `,
    '3-and-4': `
      3 in 4 out; in three, out four; 3-4 breath; three-four breathing; short version, in 3 out 4;
      small ratio, only a bit longer out
    `,
    not: `
      equal breath = equal-breath; box breathing = box-breath; four seven eight breath = absent; 4-7-8 = absent;
      pursed lips = pursed-lip-breath; sigh = sighing-breath; five in five out = coherent-breath;
      uneven breath (problem) = absent
    `,
  },
  'equal-breath': {
    plain: `
      equal breath; equal breathing; even breath; even breathing; balanced breath ?; sama vritti; samavritti; sama vrtti;
      samvritti; sam vritti; sama vriti; same-same breathing; same count in + out; 1:1 breath; one-to-one breath;
      ratio 1:1; in and out the same length; in is out; equal inhale/exhale; equal ratio breath; 4 in 4 out;
      four in four out; even in, even out; level breath; inhale and exhale match; make breath even; swing breath @kids;
      see-saw breath; steady even breath thru nose; same length in and out; 4:4 breath; in 4 out 4; even count breathing;
      equal ratio;
      same in and out
    `,
    square: `
      square sama vritti ?; four equal parts with pauses; equal breath, add holds; even breath w/ pauses both ends;
      in hold out hold, all the same
    `,
    not: `
      box breath = box-breath; coherent breath = coherent-breath; alternate nostril = alternate-nostril;
      longer exhale = extended-exhale; vishama vritti = extended-exhale; equal standing, samasthiti = tadasana
    `,
  },
  'coherent-breath': {
    plain: `
      slow paced breath; slow paced breathing; paced breathing; paced breath; coherent breath; coherent breathing;
      coherance breathing; coherence breath; heart coherence; heart-coherence breathing; cardiac coherence;
      resonance breathing; resonance pace; resonant breath; resonant frequency breathing; HRV breathing; 5-5 breath;
      five-five breathing; 5 in 5 out; five in five out; 5:5; 365 breathing; slow even breath at resonance;
      slow boat @kids; five seconds in, five secs out; breathe with the pacer; slow rhythm breath; metronome breath;
      six breaths a minute; resonance; coherence; 5.5 breathing; pace breathing
    `,
    'four-and-four-or-four-and-six': `
      paced breath, 4 and 4; paced 4/6; slow paced, four in six out; easier pace, four-four; shorter pace 4-4 to begin;
      coherent but with longer out, four-six
    `,
    not: `
      equal breath = equal-breath; longer exhale = extended-exhale; box breath = box-breath; paced walking = absent;
      ocean breath = ujjayi
    `,
  },
  'box-breath': {
    plain: `
      box breath; box breathing; boxed breath; square breath; square breathing; tactical breathing; navy seal breathing;
      four-square breathing; 4 square breath; 4-4-4-4; four four four four; 4x4 breath; four-by-four breathing;
      four-part breath; 4-part breath; sama vritti with holds; samavritti pranayama w kumbhaka;
      in, hold, out, hold, all equal; inhale hold exhale hold same count; trace a square w/ finger and breathe;
      draw a square @kids; window breath ?; breathe round the sides of a box; box br; rectangle breath ?; hold both ends;
      4:4:4:4; box; four square breath; tactical breath;
      equal four sided breath
    `,
    'no-pauses': `
      box without holds; square breath no pauses; box breath, skip holds; trace the square but breathe in, out, in, out;
      box shape w no retention @prenatal
    `,
    not: `
      equal breath = equal-breath; three-part breath = three-part-breath; triangle breath = absent; 4-7-8 = absent;
      three-count pause = three-count-pause; box pose, all fours = all-fours
    `,
  },
  'pursed-lip-breath': {
    plain: `
      pursed-lip breath; pursed lip breathing; pursed lips; PLB; purse lips + blow; straw breath; straw breathing;
      breathe through a straw; breathe out thro a straw; blow through a straw; imaginary straw; out through small lips;
      in nose, out through pursed mouth; lips like whistling; whistle lips exhale; soft kissy lips exhale;
      smell the rose, cool the soup; smell the flower, blow the soup; cool the soup @kids; hot chocolate breath @kids;
      blow on your tea; hot soup breath @kids; COPD breath; breathe out long thru tiny lips; pursed mouth exhale;
      kaki pranayama ?; straw; breathe out through pursed lips; blow out slowly; smell the roses, blow the candles;
      blow on soup
    `,
    'leaning-forward': `
      pursed lips, lean forward; lean on the table, out through pursed lips; tripod position w PLB;
      forearms on thighs, lips pursed, breathe out; leaning fwd breathless position; elbows on knees straw breath
    `,
    not: `
      candle breath = feather-breath; cooling breath rolled tongue = sitali; teeth breath = sitkari;
      sitali pranayama = sitali; breath of fire = kapalabhati
    `,
  },
  'feather-breath': {
    plain: `
      feather breath; feather breathing; blow the feather; blow a feather; feather on the palm, blow softly;
      keep the feather moving; slow blow; candle breath; candle breathing; blow the candle; blow out candles;
      blow on the candle, don't put it out; birthday cake breath @kids; dandelion breath @kids; blow the dandelion clock;
      bubbles breath @kids; blow bubbles; windmill breath @kids; pinwheel breathing; blow the pom pom across the floor;
      soft blow through lips; drifting feather @kids; gentle steady breath out on a feather; flower and candle breath;
      smell flower, blow candle; leaf breath ?; blow a candle; blow cotton ball; blow pom pom
    `,
    'five-fingers-as-feathers': `
      five finger candles; 5 fingers like birthday candles, blow each down; fingers are feathers, blow one by one;
      blow down your finger candles; blow out fingers one by one
    `,
    'keep-the-flame-dancing': `
      keep the flame dancing; make flame flicker, not out; candle flame wobble; blow so softly the candle dances;
      keep candle alight
    `,
    not: `
      candle pose = sarvangasana; candle gazing = absent; trataka = absent; straw breath = pursed-lip-breath;
      peacock feather = pincha-mayurasana; five finger breath, trace = hand-trace-breath; windmill arms = absent
    `,
  },
  'alternate-nostril': {
    plain: `
      alternate nostril breathing; alt nostril; alt nostril br; alt. nost.; ANB; nadi shodhana; nadi shodhan; nadi sodhana;
      naddi shodana; nadishodhan; nadi shuddhi; nadi suddhi; anulom vilom; anuloma viloma; anulom-vilom; anulom bilom;
      channel cleansing breath; channel-cleaning; channel clearing; switch nostrils; nostril switching;
      one nostril in, other nostril out; close one nostril, breathe in, change, breathe out;
      thumb and ring finger on the nose; vishnu mudra breath; nasagra mudra breathing; balancing breath ?; two doors @kids;
      change nostril each inhale; breath side to side thru nose; nadi shodan; alternate nostrils; nadi;
      nostril breathing left right; NS pranayama;
      alternate nostril; left right nostril breathing
    `,
    'elbow-supported': `
      ANB elbow on cushion; nadi shodhana, arm propped; rest the elbow on the table, alternate nostril;
      supporting arm under elbow, nadi; elbow held by other hand
    `,
    imagined: `
      imaginary alternate nostril; mental nadi shodhana; ANB no hands; imagine breath through one nostril then other;
      visualised anulom vilom; hands-free nadi shodhana
    `,
    'with-holds': `
      nadi shodhana with kumbhaka; ANB with retention; alternate nostril + holds; anulom vilom w/ antar kumbhak;
      hold between nostrils; with kumbhaka; nostrils with kumbhak
    `,
    not: `
      left nostril only = chandra-bhedana; right nostril only = surya-bhedana; viloma (interrupted breath) = absent;
      bee breath = bhramari; both nostrils natural = natural-awareness; nadi names, ida pingala = absent; neti = absent
    `,
  },
  'chandra-bhedana': {
    plain: `
      left nostril breath; left nostril breathing; L nostril; L. nostril in; chandra bhedana; chandra bhedan;
      chandrabhedana; candra bhedana; chandra bedana; chandra bhedi; moon breath; moon-piercing breath; moon piercing;
      lunar breath; ida breath; cooling nostril breath ?; chandra nadi; chandra anuloma ?;
      in through the left, out the right; inhale left nostril, exhale right, keep; close right nostril to breathe in;
      moon side breathing; single-nostril breath, moon; breathe in by left nostril only; quiet nostril ?; chandrabhedan;
      left nostril; block right nostril; chandra anuloma; left nostril only
    `,
    imagined: `
      imagine the breath in the left; mental chandra bhedana; left nostril, no hands; visualise moon breath;
      chandra bhedana w/out fingers
    `,
    not: `
      surya bhedana = surya-bhedana; alternate nostril = alternate-nostril; half moon = ardha-chandrasana;
      moon for children = kids-moon; moon salutation = absent; cooling breath with tongue = sitali;
      standing crescent moon = parsva-tadasana
    `,
  },
  'surya-bhedana': {
    plain: `
      right nostril breath; right nostril breathing; R nostril; R. nostril in; surya bhedana; surya bhedan; suryabhedana;
      surya bedana; surya bhedi; surya bhed; sun-piercing breath; sun piercing; solar breath; pingala breath;
      sun breath of nose; surya nadi; heating nostril breath; warming breath (nostril) ?;
      in through the right, out the left; inhale right nostril, exhale left, keep; close left nostril to breathe in;
      sun side breathing; single-nostril breath, sun; sun breath @breath; breathe in by right nostril only; fiery nostril;
      suryabhedan; right nostril only; block left nostril; surya anuloma
    `,
    'equal-breath': `
      swap it for equal breath; instead of surya bhedana, even breath; sun breath replaced by sama vritti @prenatal;
      both nostrils even, no right-nostril; BP: do equal breath not surya
    `,
    not: `
      sun breath arms = standing-sun-breath; sun breaths on the chair = chair-sun-breath;
      sun salutation = surya-namaskara-classic; chandra bhedana = chandra-bhedana; alternate nostril = alternate-nostril;
      surya namaskar = surya-namaskara-classic
    `,
  },
  bhramari: {
    plain: `
      bee breath; bee; bumblebee breath; humming bee breath; humming; humming breath; hum; hmm breath; bhramari; bhramri;
      bramari; brahmari; brahmari pranayama; bhramari pranayam; bramri; brahmri; bee w/ ears closed; shanmukhi bhramari;
      shanmukhi mudra ?; yoni mudra + hum; hum on the exhale; make a mmm on out-breath; lips closed, humming out;
      fingers in ears and hum; cover ears, hum; thumbs on ears, long mmmm; buzzing breath; bzzz @kids;
      feel vibration in head; black bee; hum out; hum long ones; humming out; buzzing; hum 5 long; bee humming;
      bumble bee breath; humming bee
    `,
    'hands-on-thighs': `
      bee, hands on lap; humming without covering ears; bhramari, hands down; hum, hands on knees; easy bee, no fingers;
      bee breath w/ open ears
    `,
    'silent-hum': `silent bee; inner hum; hum only in your head; imagine the hum; silent bhramari; humming without sound`,
    not: `
      om chanting = absent; lion's breath = lions-breath; hissing = snake-breath; brahmacharya = absent;
      brahma muhurta = absent; bhastrika = bhastrika; butterfly = baddha-konasana; ocean breath = ujjayi;
      scorpion = absent
    `,
  },
  sitali: {
    plain: `
      cooling breath; cooling breathing; sitali; sheetali; shitali; sheethali; shitli; sheetli; seetali; seethali;
      sitali pranayama; sheetali pranayam; cool breath; rolled-tongue breath; curled tongue breath; tongue roll breath;
      taco tongue; tongue straw; hot-dog tongue; roll the tongue like a tube, breathe in;
      sip air through the curled tongue; sip air thru tongue, out nose; breathe in through a rolled tongue;
      straw tongue inhale; cool straw @kids; taco breath @kids; dragon tongue ?; hot-flush breath ?; tongue like a pipe
    `,
    teeth: `
      can't roll the tongue, use teeth; sitali through teeth; cooling breath, teeth instead;
      tongue doesn't curl so sip thru teeth; sheetkari option
    `,
    not: `
      sitkari = sitkari; pursed-lip straw breath = pursed-lip-breath; lion tongue out = lions-breath;
      straw breath out = pursed-lip-breath; blow to cool the soup = pursed-lip-breath; left nostril = chandra-bhedana
    `,
  },
  sitkari: {
    plain: `
      hissing breath; sitkari; sheetkari; shitkari; sitkari pranayama; seetkari; sheetkaari; sitkri; shitkari pranayam;
      sikari; cooling breath thru teeth; teeth breath; breath through teeth; sip air through teeth;
      breathe in through closed teeth, out nose; smile, teeth together, hiss in; teeth hissing in; sss on the in-breath;
      hiss in; tongue to palate, air in between teeth; smiling snake @kids; grin and sip air;
      lips apart, suck air between teeth; cooling breath 2 ?; smile breath ?
    `,
    'nose-only': `
      no teeth, in through the nose; sensitive teeth: just nose; sitkari swap, quiet nose breath;
      nose breathing instead of hiss; nose in, nose out, imagine cool
    `,
    not: `
      hiss out like snake = snake-breath; rolled tongue = sitali; smile and relax face = absent;
      hissing out, kids = snake-breath; ujjayi = ujjayi; whistling breath = pursed-lip-breath
    `,
  },
  kapalabhati: {
    plain: `
      kapalabhati; kapalbhati; kapalbhaati; kapalbati; kapalabathi; kapalabhatti; kaphalabhati; kappalabhati; KB ?;
      skull-shining breath; shining skull; shining skull breath; skull polishing; forehead shine; frontal brain cleansing;
      quick exhales; short sharp exhales; forced exhales; pump the belly; belly pump; belly pumping breath;
      snap belly in to breathe out; sniff out fast, inhale by itself; nose-blowing breath; active exhale, passive inhale;
      cleansing breath ?; breath of fire ?; steam engine @kids; choo choo breath @kids; bunny breath ?; kapal bhati;
      skull shining; KB; KBs; kapalabati; breath of fire; rapid exhale; quick exhalations; strokes kapal
    `,
    slow: `
      slow kapalbhati; gentle KB; KB, slow pumps; single soft exhale pumps; kapalabhati, one beat at a time;
      gentle belly snap, no speed
    `,
    not: `
      bhastrika = bhastrika; agni sara = uddiyana-bandha; breath of fire (kundalini, even in-out) = absent;
      pigeon kapotasana = eka-pada-rajakapotasana; belly breath = balloon-breath; sighing = sighing-breath;
      jala neti = absent
    `,
  },
  bhastrika: {
    plain: `
      bhastrika; bastrika; bhastrica; bhastrika pranayama; bhastrika pranayam; bhasrika; bhashtrika; bhastrik; bhatrika;
      bellows; bellows breath; bellow breath; blacksmith's bellows; fire bellows; strong in and out;
      forceful in and out breaths; pump breath both ways; fast deep breath both in & out;
      fists to shoulders, arms up and down, breathe hard ?; arms pump w/ strong breaths; full-force nose breathing;
      heating breath ?; breath of fire ?; dragon bellows @kids; power breath ?; energising breath ?;
      quick inhale quick exhale
    `,
    'sun-breath': `
      swap for sun breath; instead of bellows, arms up/down with breath; no bhastrika: gentle sun arms;
      bellows replaced with slow arm breath; soft version, sun arms
    `,
    not: `
      kapalabhati = kapalabhati; bhramari = bhramari; dragon breath tongue out = lions-breath; fire log = agnistambhasana;
      uddiyana kriya = uddiyana-bandha; breath of joy = absent; Wim Hof = absent
    `,
  },
  'lions-breath': {
    plain: `
      lion's breath; lions breath; lion breath; lion breathing; roar breath; haaa w tongue out; tongue out breath;
      stick tongue out and haaa; tongue out exhale; tongue to chin, eyes wide, exhale haa;
      open mouth, tongue out, breathe out with sound; simha pranayama; simha pranayam; simha mudra; simhagarjana breath ?;
      singham breath; roar ?; roaring breath; dragon breath ?; haa breath ?; roaring lion breath @kids;
      face stretch with haa; silly face breath @kids; ugly face breath; yawn and roar ?; lion; lion, tongue out;
      roar tongue out; lion's breaths
    `,
    silent: `
      silent lion; lion's breath no sound; quiet lion, mouth wide only; tongue out, breathe out softly, no roar; mute roar;
      lion in the library, no sound @kids
    `,
    not: `
      lion pose kneeling = simhasana; simhasana = simhasana; lion for kids = kids-lion; sigh out = sighing-breath;
      fog the mirror = ujjayi; sleeping lion, on side = absent; cooling tongue = sitali
    `,
  },
  'sighing-breath': {
    plain: `
      sigh; sighs; sighing; big sigh; big sighs; sigh it out; sighing breath; sighing out; sigh out thru mouth;
      sigh breath; let it go, ahhh; ahh breath; open-mouth sigh; in nose, out mouth, sigh; physiological sigh; physio sigh;
      cyclic sighing; cyclic sigh; double inhale, long exhale; double inhale and sigh; two sniffs in, one sigh out;
      sniff sniff ahhh; let out a sigh; cleansing breath ?; relief breath; big breath in, sigh out, shoulders drop;
      clearing breath ?; horse lips sigh ?; falling out breath; three sighs; sigh three times; audible exhale;
      big sigh out; mouth exhale; double inhale
    `,
    lying: `
      sigh lying down @lying; sighs on back; lie and sigh; big sighs before savasana; on the mat, sigh it all out;
      supine sighing
    `,
    not: `
      lion's breath = lions-breath; longer exhale = extended-exhale; pursed lips = pursed-lip-breath;
      laughing = kids-laughing; hissing out = snake-breath; kapalabhati = kapalabhati
    `,
  },
  'antara-kumbhaka': {
    plain: `
      retention after inhale; antara kumbhaka; antar kumbhaka; antar kumbhak; antara kumbak; antara kumbhak; kumbhaka ?;
      kumbhak ?; kumbaka ?; inner retention; inner hold; internal retention; breath retention in; hold in;
      hold the breath in; hold breath full; full hold; full-lung hold; AK ?; puraka-kumbhaka; purak kumbhak;
      hold after the in-breath with locks; inhale, jalandhara, hold; retention full with chin lock;
      holding breath, lungs full; treasure chest @kids; breath hold after breathing in; hold after in breath;
      kumbhak inside
    `,
    short: `
      short retention in; brief full hold; small antara kumbhaka; a moment's hold after inhale;
      only a short hold, no locks; hold short & easy
    `,
    none: `
      no retention; no kumbhak, pregnant/BP; skip the hold in; leave out retention; no breath holding;
      just breathe on, no hold
    `,
    not: `
      bahya kumbhaka = bahya-kumbhaka; three-count pause = three-count-pause; kumbhakasana plank = phalakasana;
      box breath = box-breath; hold the pose = absent; rechaka = absent
    `,
  },
  'bahya-kumbhaka': {
    plain: `
      retention after exhale; bahya kumbhaka; bahya kumbhak; bahya kumbhaka pranayama; bahir kumbhaka; bahya pranayama;
      bahya pranayam; baahya kumbhak; bhaya kumbhaka; bahir kumbhak; outer retention; external retention; external hold;
      hold out; hold the breath out; hold empty; empty hold; lungs empty, wait; exhale and hold w/ locks;
      breath out, don't breathe in yet; empty-lung hold; BK ?; rechaka kumbhaka; hold after out-breath;
      suspend after exhale; empty jar @kids; shunyaka ?; maha bandha hold ?; hold after out breath; kumbhak outside
    `,
    none: `no empty hold; skip hold out; no holding out, pregnant/BP; leave out bahya; exhale then breathe straight in`,
    not: `
      antara kumbhaka = antara-kumbhaka; uddiyana bandha = uddiyana-bandha; pause after exhale small = three-count-pause;
      hold arms out = absent; breath out long = extended-exhale; box breath = box-breath
    `,
  },
  'uddiyana-bandha': {
    plain: `
      uddiyana bandha; uddiyana; uddiyan bandh; udiyana; udyana bandha; uddhiyan bandha; UB ?; U. bandha; belly lift;
      abdominal lift; stomach lift; abdominal lock; belly lock; navel lock ?; stomach vacuum; vacuum; ab vacuum;
      hypopressive; flying-up lock; upward flying lock; belly up under the ribs after exhale;
      exhale empty, suck belly in and up; scoop the tummy under ribs;
      stand knees bent, hands on thighs, breathe out, draw belly up; hollow belly hold; agni sara ?; nauli prep;
      empty cave @kids; tummy cave; lift the diaphragm w/ lungs empty
    `,
    'soft-belly-draw-on-the-exhale': `
      just draw belly in on exhale; soft belly draw; gentle navel to spine exhaling;
      hug the baby in on out-breath @prenatal; light TA on exhale; low belly in gently, no hold
    `,
    not: `
      mula bandha = mula-bandha; jalandhara = absent; chin lock = absent; kapalabhati = kapalabhati; ujjayi = ujjayi;
      setu bandha = setu-bandhasana; udgeeth = absent; belly lift standing back bend = absent
    `,
  },
  'mula-bandha': {
    plain: `
      mula bandha; moola bandha; mulabandha; mool bandh; MB ?; root lock; root lift; pelvic floor; PF; PF lifts;
      pelvic floor lift; pelvic floor squeeze; squeeze and release the pelvic floor; lift and release; pelvic floor breathing; PF w breath; kegels; kegel exs;
      squeeze and lift pelvic floor; lift the pelvic floor on exhale; draw up between sit bones; zip up from below;
      lift perineum; stop-the-wee muscles, lift & let go; pelvic lift inside ?; pelvic floor elevator; the lift/elevator;
      tiny elevator @kids; ashwini mudra ?; aswini mudra ?; hold in wind and wee; core lift from below; moolbandh;
      mool bandha; mul bandh; pelvic floor lifts; kegel; PF squeeze; pelvic floor: lift, let go; lift pelvic floor;
      elevator pelvic floor; ashwini mudra; pelvic floor contractions
    `,
    'release-only': `
      pelvic floor release only; down-train PF; let go pelvic floor on inhale @prenatal; soften pelvic floor, no squeeze;
      open the pelvic floor for birth @prenatal; jellyfish open, no lift; drop the pelvic floor
    `,
    lying: `
      pelvic floor lying @lying; PF on back knees bent; kegels lying down; supine pelvic floor lifts; mula bandha on back;
      lie down, lift & lower pelvic floor
    `,
    not: `
      pelvic tilt = supine-pelvic-tilt; pelvic clock = pelvic-clock; uddiyana bandha = uddiyana-bandha;
      bridge pelvic lift = setu-bandhasana; mulabandhasana (feet turned) = absent; jalandhara = absent;
      root chakra meditation = absent
    `,
  },
  'hand-trace-breath': {
    plain: `
      finger tracing breath; finger trace breath; five-finger breath; 5 finger breathing; five finger breathing;
      5-finger br; take five breathing; take 5; trace your hand; trace the hand + breathe; hand tracing; hand breath;
      starfish breathing @kids; star hand breath; up a finger in, down a finger out; finger goes up, breathe in;
      down, breathe out; run a finger along the fingers with breath; climb the finger mountains @kids;
      mountain fingers breath; trace fingers in, out; starfish hand breath; hand breathing @kids
    `,
    'on-a-friend-s-back': `
      trace on a friend's back; draw your breath on partner's back; friend draws mountains on my back;
      pair breath, finger on back; partner back tracing
    `,
    not: `
      finger candles = feather-breath; finger fans = chair-wrist-fingers; vishnu mudra = alternate-nostril;
      starfish stretch = five-pointed-star; finger counting meditation = absent; draw a square breath = box-breath
    `,
  },
  'snake-breath': {
    plain: `
      snake breath; snake breathing; hissing snake breath; hiss out; hissing out; ssss; sssss out; long sss exhale;
      breathe in, out with sss; hiss like a snake on exhale; long hiss; tyre puncture breath; leaky tyre;
      flat-tyre breath @kids; slow puncture; serpent breath; nose in, teeth out hissing; sss as long as you can @kids;
      bhujangini ?; hissing snake @kids; let air out through the teeth sss; snakey breath; hiss; hissing;
      hissing like a tyre; snake hiss; sss out; tyre going down; ssss breath
    `,
    'lying-like-a-snake': `
      snake breath on the tummy; lie like snake and hiss; on belly, ssss out; hiss while lying face down @kids;
      prone snake hiss; baby cobra and hiss
    `,
    not: `
      hiss in through teeth = sitkari; snake pose on tummy, kids = kids-cobra; cobra = bhujangasana; humming = bhramari;
      ujjayi = ujjayi; blow out = feather-breath
    `,
  },
  'chair-sun-breath': {
    plain: `
      sunrise, sunset @chair; sunrise sunset arms @chair; arms float up and down with the breath @chair;
      seated sun arms; sun salute arms only, sitting; arms circle up and down with the breath sitting;
      sun breath on chair; sun breath @chair; sun breaths @chair; chair sun breath; chair sun breaths; seated sun breath;
      seated sun breaths; seated sun arms; sun arms @chair; sunflower; sunflower arms sitting;
      arms up and down with the breath; inhale arms up, exhale down, sitting; sweep arms out and up, sitting;
      circle the arms up, palms touch, down, seated; arms float up w/ in-breath, lower out;
      raise arms with breath in chair; urdhva hasta @chair; urdhva hastasana on chair; seated arm raises w/ breath;
      breath + arms @chair; seated volcano arms; flower opens arms @kids; wing arms w breath @chair; arm floats sitting;
      big inhale arms overhead, sitting; arms up and down with breath @chair; arms float up @chair;
      arms out and up, float down @chair; sun breaths sitting; raise arms with the breath @chair;
      arm raises with breath sitting; reach up @chair; arms up/down w breath @chair;
      arms up with breath in chair; inhale arms up, exhale down, seated; sun breaths in chair; raise arms with breath sitting
    `,
    'to-shoulder-height': `
      sun arms only to shoulder; arms to shoulder height w breath, sitting; low sun breath; half sun breath, chair;
      frozen shoulder: arms half way up
    `,
    'palms-together-down-the-middle': `
      palms together down the middle; arms up, prayer down through centre, sitting;
      hands meet overhead, draw down to the heart; sun breath w namaste, chair; sweep up, palms down centre line
    `,
    not: `
      standing sun breath = standing-sun-breath; right-nostril sun breath = surya-bhedana;
      chair sun salutation = surya-namaskara-chair; surya bhedana = surya-bhedana; upward salute = urdhva-hastasana;
      sunflower squat prenatal = absent; arm floats lying = supine-arm-float; sunbird = bird-dog; breath of joy = absent
    `,
  },
  'standing-sun-breath': {
    plain: `
      standing sun breath; standing sun breaths; sun breath @standing; sun breaths standing; half sun breath;
      sunrise, sunset; sunrise sunset arms; arms float with the breath @standing; float arms up and down with breath;
      circle arms up on inhale, down on exhale, standing; inhale arms up, exhale arms down; arms rise and fall standing;
      sweep arms up out to sides, lower through center; arms out and up with in-breath, standing;
      breath with arms, standing; mountain breath ?; arm circles with breathing in tadasana;
      tadasana breath, arms overhead and back down; stand, raise and lower arms in time with breath; sun breth standing;
      arm sweeps with breath; inhale raise both arms from the sides, exhale lower, standing still; sun breaths; sunbreaths;
      arms up + down; arm raises with breath standing; arms float up and down standing; reach up & release x; vinyasa arms;
      breathe arms up; arms wide up and down;
      arms float up and down with breath, standing; half sun salutes arms only
    `,
    seated: `
      standing sun breath done seated; sun breath sitting option; arms float with breath, sit down for it;
      sun breath: take a seat ?; seated version of sunrise sunset
    `,
    'half-range': `
      sun breath, arms only to shoulder height; half-range arm floats standing; arms lift halfway with breath;
      sun breath low arms; raise arms just to shoulder level and lower, standing
    `,
    not: `
      sun breath on chair = chair-sun-breath; sun salutation = surya-namaskara-classic;
      half salute = surya-namaskara-gentle; right nostril breathing (surya bhedana) = surya-bhedana;
      arms overhead hold = urdhva-hastasana; arm floats lying = supine-arm-float
    `,
  },
};
