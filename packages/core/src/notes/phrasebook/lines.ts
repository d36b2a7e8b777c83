/**
 * Lines that are no postures, as teachers write them, and postures that the library lacks. Each phrase
 * stands between semicolons. Common practice, no source.
 */

/** Lines between postures, by the way in that they tell. */
export const WAY_PHRASES = {
  /** Where one gets to, and nothing of how. */
  open: `
    back to the chair; move to the chair; come to sit on the chair; turn the chair round; stand behind the chair;
    sit down on the chair; sit down slowly; stand up from the chair; go back to seat; slide chair back; rise to standing;
    come up to standing; come to stand; stand up; come up; rise; get up; stand; lower to a seat; come down to sit;
    from standing down to the mat; lower down to the floor; come to sitting; come to the floor; get down to the floor;
    down to the mat; take a seat on the floor; lower to sit; come down to the mat; sit down; to sitting; find a seat;
    step feet wide; step the feet together; turn to the long side of the mat; turn to face the long edge;
    turn to the side of the mat; feet together; turn to the front; turn feet; lower to the belly; lower all the way down;
    lower down onto the belly; come down to the belly; come to lie on the front; lie down on your front; come onto the tummy;
    roll onto the belly; turn over onto the front; flip over; to prone; release down; lower down; melt to the floor;
    down to the mat onto belly; roll over to hands and knees; come to hands and knees; come to all fours; onto all fours;
    push back to kneeling; press back to all fours; push up to hands and knees; back to tabletop; come forward to all fours;
    slide forward onto belly; come to kneel; come up to sitting; swing the legs round and sit; come up to seat; up to sitting;
    lie down; lie back; come to lie on the back; lower down to lie; roll down to the back; come onto your back; lower onto the back;
    roll down to lying; come down to lie; lie down slowly; get settled on back; down onto back; to supine;
    make your way onto your back; unroll onto the back; turn over to the other side; roll to the other side;
    roll back to the middle; come back to the centre; slide off; come out slowly; come out of it; undo the props; move props away;
    unwind legs; release the legs; come to kneeling; to kneeling
  `,
  'split-squat': `
    come up through half kneeling; down to the floor through half kneeling; step one foot back and lower the knee;
    kneel down one knee at a time; one foot forward and stand up; from half kneeling to standing;
    come down onto one knee then the other; get up from the floor one leg at a time; step forward and rise;
    bring one foot between the hands and stand; half kneel to stand; lower down to the knees
  `,
  'with-chair': `
    hands on the chair and get up; use the chair to come down; get up with the help of the chair; push up from the chair;
    come down to the floor with the chair; climb up via the chair
  `,
  'fold-down': `
    fold down and step back; hands to the floor and walk back to plank; walk hands out; walk hands forward to all fours;
    walk the hands out to dog; lower hands to the mat; bend down, hands to floor; walk out to plank; hands down, step back
  `,
  'fold-up': `
    walk the feet in and stand up; walk the feet to the hands and come up; walk hands back to the feet; step to the front of the mat;
    walk to the top of the mat; step to the top of the mat; walk up to hands;
    walk your hands back and rise; inhale come up; feet to hands; step forward; walk forward; hop to the front
  `,
  'squat-down': `
    squat down and sit; sit down through a squat
  `,
  'roll-up': `
    roll up; roll up bone by bone; roll up vertebra by vertebra; roll up through the spine; roll up to standing; come up slowly, head last;
    uncurl to standing; roll up slowly; unroll the spine; roll up one bone at a time; curl up slowly to standing; peel up to standing
  `,
  'hands-to-thighs': `
    hands to thighs and come up; walk hands up the legs; hands on thighs, flat back, up; climb the hands up the legs; rise with a flat back; push on thighs to stand; hands to hips, flat back, come up
  `,
  'jump-back': `
    jump back; jump through; jump to the front; hop forward; jump through to sit; hop back; jump to the hands; float forward; jump feet wide; jump feet together
  `,
  'step-back': `
    step back; step back to plank; step the feet back; walk the feet back
  `,
  'sit-up': `
    sit up; roll up to sitting; rock up to sit; rock and roll up to sit; roll up to seated; rock to come up to sitting; rock up to stand; sit up with a straight back
  `,
  'roll-to-side': `
    roll to the side and sit up; roll to one side; roll over to the right and push up; roll to your side; turn to the side and get up slowly;
    roll on to the right side, pause, press up; over the side up to sitting; bend the knees, roll to the side, push up with hands; sit up via your side;
    log roll; lie down via the side; come down on the side first; roll to the right, sit up with eyes soft; push up to sit from the side; turn on side, come up; roll over; foetal position then sit; fetal, come up; down over the side to lying; roll to side and up
  `,
} as const;

export const REPEAT_PHRASES = `
  other side; the other side; same on the left; same left; same right; same other side; repeat; repeat other side; repeat on the other side;
  repeat all on the other side; repeat left; repeat on left; switch sides; switch legs; switch; swap; swap legs; swap sides; change sides; change legs; change;
  second side; 2nd side; left; right; left side; right side; left side same; l side; and left; now left; and right; the same left; same thing left; same thing with left leg;
  do the other side; and the other side; other leg; the other leg; other arm; opposite side; reverse; and back; now the other; then the other one; then the other;
  repeat all; repeat all that; repeat the last three; repeat the last four; last three again; all again; all of that again; again; same again; once more; do it again; one more time; another round;
  another time; 2 more rounds; two more times; total 6 rounds; 3 rounds of this; repeat sequence; repeat the sequence; repeat the flow; repeat above; repeat from the top; flow through 3 times;
  repeat steps 3 to 7; the whole thing again; whole thing twice; full round; second round; third round; next round left; next round; 2nd round other leg; 2nd time lead with left; left lead; start with left this time;
  ditto; ditto left; idem other side; idem left; idem; repeat x3; x3; times three; all three again; side two; 2nd set; repeat both; same for the left leg; mirror; mirror it; the same; the same on the other side; same with other leg; round two; now left leg forward; L lead; all on the left; everything on the left; do it twice if time; through again;
  rep; rpt; do the second side; do the left; do the right; do left; do right; now do the left; turn around, other side; and do the other
`;

export const HEADING_PHRASES = `
  warm up; warmup; warming up; cool down; cooldown; standing; standing poses; standing section; seated; sitting; floor; floor work; on the floor; on the mat; lying; supine; prone; main; main part; main practice; main section;
  arrive; arriving; arrival; opening; start; beginning; end; ending; close; closing; finish; relaxation part; rest section; peak; peak pose; build; breath; breathing; breath work; pranayama; legs; arms; neck and shoulders; upper body; lower body;
  core; hips; balance; balances; strength; stretch; stretching; chair; in the chair; standing behind chair; behind the chair; at the wall; wall; side one; side two; part one; part two; part 1; part 2; block 1; section 1; first half; second half; games; story; asana; asanas; practice;
  sun salutations section; standing flow; flow; flow 1; flow a; inversions; backbends; forward bends; twists; counterposes; wind down; winding down; integration; meditation section; prep; preparation; centering; centring; grounding; kneeling; all fours; on all fours; side lying; restorative; yin part; on back; on belly; on your front; right side; left side; on the bed; seated poses; seated postures; final; settle; to begin; to finish; stand; sit; lie; down on the floor; standing work; chair work; floor series
`;

export const NOTE_PHRASES = `
  theme; focus; intention; playlist; music; music on; music off; no music; quiet music; soft music; playlist slow; song; candles; lights low; lights down; lights off; dim the lights; lights on; windows open; heating on; door unlocked; curtains; fan off;
  bring blankets; bring props; props; props per person; you need; need 2 blocks and a strap; each person 2 blocks; mats in circle; mats out; set up the chairs; chairs in a circle; chairs against the wall; blocks out; bolsters out; eye pillow; eye bags; essential oil; spray; lavender;
  check in; check-in; check injuries; ask about injuries; new people; new student; welcome; hello song; introductions; names; register; registration; take the register; payments; announcements; reminders; remind about next week; no class next week; class cancelled; next week; homework; home practice; handout; give out the sheet; leaflet;
  tea; tea and chat; tea and biscuits; chat; water break; water; drink; drink water; snack; break; five minute break; toilet; loo; phones off; phones away; shoes off; socks on; bare feet; layers off; coats;
  remember; do not forget; note to self; note; cue; cues; say; ask; tell them; read poem; poem; quote; quotation; read the story; story; talk; discuss; explain; demo; demonstrate; demo first; demo only; show options; options; offer options; options for knees; alternatives; contraindications; avoid; careful; be careful; caution; watch; watch out for; watch her knees; knees of; keep an eye on; not for; skip if pregnant; skip if high blood pressure; no inversions for; BP people skip; pregnant skip; pain stop; stop if pain; stop if dizzy; if dizzy sit down; no pain; listen to your body; no forcing; breathe normally; keep breathing; nose breathing; talk test; rate effort; pain scale; notice; notice how you feel; what do you notice; reflect; pause and notice; feel the difference; observe; observe the effect; compare sides; check knees; check feet; check the blood pressure; pulse check; heart rate check; ask permission; no touch; assists; assist; hands on; consent cards; partner up; in pairs; find a partner; circle time; group circle; sharing circle; closing circle; share; om; om x3; chant om; namaste; thank you; thanks; bow; bell; ring the bell; chime; gong; bowl; singing bowl; three oms; goodbye song; goodbye; stickers; hand out; tidy up; put away props; clean mats; wipe mats; stack chairs; photo;
  class level; level 1; beginners; mixed level; all levels; 60 min class; 45 mins; 75 min; 10 people; 12 people; week 3; term 2; session 4; term; plan; lesson plan; date; day; monday; tuesday; wednesday; thursday; friday; saturday; sunday; morning class; evening class; lunch class; cover class; cover for; sub; substitute; time; start on time; finish by; late; running late; if time; if there is time; only if time; leave out if short; extra; spare; keep; keep it slow; slow today; gentle today; go slow; less is more; do half; modify; modifications; use wall; chair nearby; chair next to them; blanket for knees; padding under knees; cushion ready; knees padded; hip left operated; back pain; sore back; wrist pain; pregnancy 20 weeks; no lying flat; no flat back; no twist; no deep twists; no holding of breath; head not below heart; no forward folds; hydrate; rest when you need; bridging; transition slowly; slow transitions; sankalpa; intention setting; mantra; affirmation; journal; journaling; worked well; did not work; next time; too long; changed; done; move to; longer next week; feedback; email; ask name; doctor says; physio says; letter from doctor; form; forms; consent; insurance; room; hall; studio; park; outdoors; online; camera; zoom; microphone; speaker; key from office; lock up; fire exit; first aid; sunscreen; hats; weather; rain plan
`;

/** Postures and movements that the library lacks: recognised, so that they are not taken for something near. */
export const LACKING_PHRASES = `
  nauli; nauli kriya; lauliki; agnisara; agnisar; agni sara kriya; kunjal; jal neti; shankhaprakshalana;
  quad sets; quad set; static quads; tighten the thigh, knee presses down; press the back of the knee into a towel;
  peacock; mayurasana; scorpion; vrschikasana; firefly; tittibhasana; eight angle pose; astavakrasana; flying pigeon; eka pada galavasana; shoulder pressing pose; bhujapidasana; koundinyasana; flying splits; visvamitrasana;
  compass; surya yantrasana; bird of paradise; svarga dvijasana; embryo in the womb; garbha pindasana; rooster; kukkutasana; lifted lotus; utpluthi; utpluthih; tolasana; scale pose; foot behind the head; eka pada sirsasana; yoganidrasana pose; tortoise sleeping; supta kurmasana;
  king dancer; full wheel one leg; one-leg wheel; drop backs; kapotasana; king cobra; wheel drop back; viparita salabhasana; full locust legs over; ganda bherundasana; shoulderstand lotus; urdhva padmasana; pindasana; headstand lotus; headstand leg variations; reverse plank one leg lifted; sage koundinya; dragonfly arm balance; grasshopper arm balance; crane to chaturanga jump back; handstand press; handstand walking;
  bound half lotus standing fold; marichyasana b; marichyasana d; noose; pasasana; upward-facing wide angle balance; urdhva mukha upavistha konasana; upward facing intense stretch balance; ubhaya padangusthasana; hand to big toe squat; padangusthasana squat on tiptoe;
  burpees; jumping jacks; star jumps fast; squat jumps; sit-ups; full sit ups; crunches; russian twists; roll-ups; roll ups with bent knees; pilates roll up; side kicks lying; mermaid; teaser; scissors; double leg stretch; single leg stretch; saw; corkscrew legs; swan dive; leg pull front; push ups; press-ups on the floor; tricep dips; dips on chair; side plank dips; plank shoulder taps; plank jacks; kettlebell; dumbbells; hand weights; weights; bicep curls; theraband rows; resistance band pull; band pull aparts; skipping; dance; free dance; freestyle dance; dance it out; jog on the spot; hopping; run around; relay; obstacle course; ball games; throw the ball; catch the ball; balloon game; parachute; pass the bean bag; scarf dancing; massage; foot massage; self massage; hand massage; face massage; head massage; ear massage; tapping; acupressure; partner massage; partner boat; back to back sitting breathing; partner stretch; partner tree; partner twist; tug of war; trust fall; drawing; colouring; craft; story time; memory game; yoga dice; yoga bingo; treasure hunt; limbo; musical mats;
  nauli; stomach churning; agnisar; neti; khechari; jalandhara bandha; chin lock; maha bandha; maha mudra; yoni mudra; shanmukhi mudra; plavini; murcha; bellows one nostril; wim hof breathing; holotropic breath; rebirthing; fire breath holding; eye exercises; eye yoga; jaw release; jaw circles; tongue stretch; face yoga; facial exercises; smile and frown; ear pulls; scalp; voice; singing; sing; vowels; toning; laughter exercises; gibberish; clap; clapping; drumming; body percussion; rhythm;
  nerve floss; nerve flossing; nerve glide; nerve glides; nerve slider; neural glide; sciatic nerve floss; median nerve glide; inversion table; aerial hammock; yoga swing; wall ropes; rope sirsasana; backbender; whale; ball between the shoulder blades; foam roller on the back; foam roll; roll out the calves; spiky ball under the glutes; tennis ball in the back; fascia roll; physio ball sitting bounce; gym ball; ball roll outs; pilates ring; vibration; sauna; cold shower; walk outside; walk the dog; hike
`;
