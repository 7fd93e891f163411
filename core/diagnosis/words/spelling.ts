const list = (words: string): readonly string[] => words.trim().split(/\s+/);

/** Words that are looked for with their slips. */
export const KNOWN = list(`
  after always bearing bearings bedded binding binds booster bottom braided brake brakes braking brick
  caliper calipers changed chicane circuit clunk clunking clunks coasting cooled cooling cools corner corners
  creeping creeps cruising curbs cylinder darts discs dragging drags first fitted floor fluid front
  gravel grind grinding grinds handbrake harder heavy hoses judder juddering judders kerbs kicks knocking
  knocks leaking leaks light locking locks master months morning mushy never nothing paddock pedal
  press pulled pulling pulls pulsating pulses pulsing quickly rattle rattles rattling release releases replaced
  reservoir return right rotor rotors rubber scraping screech screeches screeching second seized servo session
  sessions shake shakes shaking shudder shuddering shudders sinking sinks slowly smell smells smoke smoking
  spongey spongy squeak squeaking squeaks squeal squealing squeals squidgy squishy steering stiff stopping stops
  straight stuck swerves throbs track travel veers vibrates vibrating vibration vibrations warning weeping weeps
  wheel wheels winter without wobble wobbles wrong years
  warped grooves grooved moisture runout percent swollen bulges cracked cracks leakage dripping vacuum
  pushrod thickness variation squeaky grabbing grabs fading bleeder nipple travels
  overheat overheating overheats
`);

/** Ordinary words that look like one of those and are not it. */
export const ORDINARY = list(`
  about again against alone along alter among anything around bakes baking bands beaming because
  before behaving behind being below bending better between bidding birds blending blinding
  blinking boarding bonding bonds both bottle bought brace braces brand branded branding brass
  brave breathing bring bringing brisk brought build building built bundling called cannot carry
  casting catch cause centre chance change charged charting chase cheap check chest child
  choosing chose chunk chunks clashing class clean close cloth cloud clutch coach coast coating
  comes coming common completely constantly cooks cooler costing could counters counting couple
  coupling course cover crafting crash crashing crazy cream creating creeds cropping cross
  crossing daily damage dance dealt degree delay depth direct dirty doing doubt downhill draft
  drafting drain draining drawn draws dream dress drink drive driver drivers driving drove
  during early earth easily eaten effort eight either empty engine enjoy enough enter entry
  equal error event every everything exact exactly except expect extra faint faith false family
  fault feeling feels field fifth fifty fight figure final finds finish fixed flash fleet flesh
  float flood flour focus follow force former forms forth forty found fourth frame frank fresh
  frost fruit fully funny garage gear gently getting given glass glove going grade grain grand
  grant granting grass grave great greet grinning ground group grown guard guess guide hander
  handers handle handshake hanged hangs happen happy harden having heady heard heart height
  hello hence homes hopes horses hosed hosts hotel house houses human hurry ideal image index
  inner input inside inspection issue itself joint judge juice junction keeps kicked knife known
  label lacking lacks ladder laps large laser later latest laugh layer leafs leaning learn
  learning least leave leaves leaving legal letter level lightly likely limit lines listen
  little local locating longer looked looking loose losing lower lucky lunch lying major maker
  making manner market marks match matter maybe meant media metal meter metre middle might
  minimum minor minus minute minutes mixed model money month mostly motorway mountain mouse
  moved movie moving music myself nearly needs nerve newer night noise normal normally north
  notching noted noticing noting novel number nurse occasionally occur occurs ocean offer office
  often opened option order other others outside owner owners paddle paint panel paper parks
  parts party pause peace people person phase phone photo piano piece pills pilot pitch place
  plain plane plant plate please pluses pocket point points polling polls pound power price
  prime print prize proof properly proud prove public pursuing queen quick quiet quite radio
  raise raised range rapid rather reach react ready really reason record relay relegate repair
  repeated replayed reply rest result reverse reverses reversing rival river roads rough roughly
  round roundabout route royal running rural safety sakes sales sample saying scale scare scene
  scope score season section sections seemed seldom sells sense serious serve serves service
  seven severing shade shades shading shall shame shape shapes shaping share shares sharing
  sharp shave shaving sheet shelf shell shells shift shipping shirt shock shoot shops short
  should shown shrinking sight simple since single sings sinus sized skill skipping sleep
  sleeping slide slight slightly slipping slowed small smart smile snake snakes sneaking sniff
  soaking solid solve something sometimes sorry sorted sound sounds south space spare speak
  speaking speaks speed spell spells spend spent spinning split spoke sport spring squaring
  squeezing stack stacking staff stage stake stakes stand start started starts state stayed
  stays steady stealing steam steel stemming stepping steps stick sticker sticks still stirring
  stock stomping stone stony stood store storm story street stress stretches stretching strip
  striping stripping strong struck study stuff style sudden suddenly sugar suite summer super
  supply surely suspension sweet swing swinging switch system table taken takes taking taste
  teach tests thank thanks their theme there these thick thing think third thirty those though
  thought thread three threw through throw throws ticket tight times tired title today topic
  total touch tough toward tower trace trade traffic train treat trend trial trick tried trip
  truck truth trying turning turns twenty twice types under union unity unless until upper upset
  urban usage useful usual usually valid value video violates violation visit vital voice volume
  walked warmed warmer warming warping waste watch water weave weeding weeds weekend weeks weight weird when
  where which while white whole whose window winner within woman wonder worked world worry worse
  worst worth would wound write wrung yellow yesterday yield young yours
`);

/** Slips that are words of their own, or too short to be told by their letters; and what is written short. */
export const SLIPS: Readonly<Record<string, string>> = {
  tire: 'tyre',
  mc: 'master',
  'm/c': 'master',
  'a b s': 'abs',
  tires: 'tyres',
  break: 'brake',
  breaks: 'brakes',
  breaking: 'braking',
  braks: 'brakes',
  peddle: 'pedal',
  petal: 'pedal',
  vacume: 'vacuum',
  vacum: 'vacuum',
  cervo: 'servo',
  groves: 'grooves',
  groved: 'grooved',
  mettle: 'metal',
  padds: 'pads',
  glazzed: 'glazed',
  smoak: 'smoke',
  roters: 'rotors',
  roter: 'rotor',
  noyse: 'noise',
  noyses: 'noises',
  pedel: 'pedal',
  padel: 'pedal',
  rigt: 'right',
  vibrats: 'vibrates',
  skord: 'scored',
  noize: 'noise',
  noizes: 'noises',
  hoze: 'hose',
  emergancy: 'emergency',
  // As it is called elsewhere.
  'brake oil': 'brake fluid',
  sqeek: 'squeak',
  sqeeks: 'squeaks',
  groovs: 'grooves',
  brakelight: 'brake light',
  masta: 'master',
  judda: 'judder',
  juddery: 'judder',
  wen: 'when',
  rite: 'right',
  lef: 'left',
  teh: 'the',
  weel: 'wheel',
  puls: 'pulls',
  pulz: 'pulls',
  lite: 'light',
  lites: 'lights',
  nois: 'noise',
  dosnt: "doesn't",
  doesent: "doesn't",
  thru: 'through',
  'hi speed': 'high speed',
  lok: 'lock',
  loks: 'locks',
  rok: 'rock',
  haf: 'have',
  blak: 'black',
  diks: 'discs',
  wile: 'while',
  leek: 'leak',
  afer: 'after',
  aftr: 'after',
  flor: 'floor',
  braikin: 'braking',
  sistem: 'system',
  flooid: 'fluid',
  milimeter: 'mm',
  procent: 'percent',
  realy: 'really',
  twise: 'twice',
  callipers: 'calipers',
  calliper: 'caliper',
  disk: 'disc',
  disks: 'discs',
  brk: 'brake',
  pdl: 'pedal',
  sof: 'soft',
  sqeal: 'squeal',
  sqeals: 'squeals',
  squeel: 'squeal',
  squeels: 'squeals',
  judar: 'judder',
  juder: 'judder',
  juders: 'judders',
  vib: 'vibration',
  vibes: 'vibrates',
  vibs: 'vibration',
  wont: "won't",
  doesnt: "doesn't",
  dont: "don't",
  isnt: "isn't",
  didnt: "didn't",
  wouldnt: "wouldn't",
  cant: "can't",
  til: 'till',
  vibrashun: 'vibration',
  theyre: "they're",
  liquid: 'fluid',
  hott: 'hot',
  // As it is scribbled in a log.
  ped: 'pedal',
  stkg: 'sticking',
  cal: 'caliper',
  cals: 'calipers',
  lt: 'light',
  rplcd: 'replaced',
  repl: 'replaced',
  chgd: 'changed',
  brg: 'bearing',
  brgs: 'bearings',
  frt: 'front',
  vac: 'vacuum',
  resv: 'reservoir',
  lvl: 'level',
  cyl: 'cylinder',
  'm/cyl': 'master cylinder',
  'w/cyl': 'wheel cylinder',
  'h/brake': 'handbrake',
  's/wheel': 'steering wheel',
};
